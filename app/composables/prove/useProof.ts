import type { ProofAnswer } from '~~/core/prove/prove'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import { proofRequest } from '~~/core/record/proof-request'
import type { TestState } from '~~/core/log/site-state'
import { newestOf } from '~/workers/newest'
import { askWorker } from '../page/useCoreWorker'

/** What the readings of a test say, worked out anew at each reading; null while it is not known. */
export function useProof(test: () => TestState | undefined) {
  const { built: job } = useOpenJob()
  const proof = shallowRef<ProofAnswer | null>(null)
  const request = computed<ProveRequest | null>(() => {
    const state = test()
    return state ? proofRequest(job.value, state) : null
  })
  const ask = newestOf(
    (asked: ProveRequest) => askWorker((worker) => worker.prove(asked)).answer.catch(() => null),
    (asked, answer) => {
      if (asked === request.value) proof.value = answer
    },
  )
  watch(
    request,
    (asked) => {
      if (!asked) proof.value = null
      else ask(asked)
    },
    { immediate: true },
  )
  return proof
}
