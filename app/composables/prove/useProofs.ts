import type { ProofAnswer } from '~~/core/prove/prove'
import { proofRequest } from '~~/core/record/proof-request'
import type { SiteState } from '~~/core/log/site-state'
import { newestOf } from '~/workers/newest'
import { askWorker } from '../page/useCoreWorker'

/** What the readings of every test of the open job say, by the test’s id; filled in as the worker answers. */
export function useProofs(state: () => SiteState | null) {
  const { built: job } = useOpenJob()
  const proofs = shallowRef<ReadonlyMap<string, ProofAnswer>>(new Map())
  const requests = computed(() =>
    Object.entries(state()?.tests ?? {}).flatMap(([id, test]) => {
      const request = proofRequest(job.value, test)
      return request ? [{ id, request }] : []
    }),
  )
  const ask = newestOf(
    async (asked: typeof requests.value) => {
      const found = new Map<string, ProofAnswer>()
      for (const { id, request } of asked) {
        const answer = await askWorker((worker) => worker.prove(request)).answer.catch(() => null)
        if (answer) found.set(id, answer)
      }
      return found
    },
    (_, found) => (proofs.value = found),
  )
  watch(requests, (asked) => ask(asked), { immediate: true })
  return proofs
}
