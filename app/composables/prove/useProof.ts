import { useTimeoutFn } from '@vueuse/core'
import type { ProofAnswer } from '~~/core/prove/prove'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import { proofRequest } from '~~/core/record/proof-request'
import type { TestState } from '~~/core/log/site-state'
import { newestOf } from '~/workers/newest'
import { askWorker } from '../page/useCoreWorker'

/** What the readings of a test said last, and up to which second. */
export interface ProofSoFar {
  readonly answer: ProofAnswer
  readonly until: number
  /** Newer ones are being worked out, for so long that it is said. */
  readonly isBehind: boolean
}

/** What is answered sooner is not said to be behind, in ms. */
const patience = 300
const untilOf = ({ readings }: ProveRequest): number => readings.at(-1)?.seconds ?? 0

/**
 * What the readings of a test say, worked out anew at each reading; the last answer stands while the next is worked out.
 * Null while nothing is known of this test.
 */
export function useProof(id: () => string | undefined, test: () => TestState | undefined) {
  const { built: job } = useOpenJob()
  const known = shallowRef<{ readonly test: string; readonly asked: ProveRequest; readonly answer: ProofAnswer }>()
  const request = computed<ProveRequest | null>(() => {
    const state = test()
    return state ? proofRequest(job.value, state) : null
  })
  const isLate = ref(false)
  const late = useTimeoutFn(() => (isLate.value = true), patience, { immediate: false })
  const ask = newestOf(
    ({ asked }: { readonly test: string; readonly asked: ProveRequest }) =>
      askWorker((worker) => worker.prove(asked)).answer.catch(() => null),
    ({ test, asked }, answer) => {
      if (test !== id() || !answer) return
      known.value = { test, asked, answer }
      if (asked !== request.value) return
      late.stop()
      isLate.value = false
    },
  )
  watch(
    request,
    (asked) => {
      const test = id()
      if (known.value?.test !== test) known.value = undefined
      isLate.value = false
      if (!asked || !test) return
      late.start()
      ask({ test, asked })
    },
    { immediate: true },
  )
  return computed((): ProofSoFar | null => {
    const last = known.value
    if (!last || !request.value) return null
    const isBehind = isLate.value && last.asked !== request.value
    return { answer: last.answer, until: untilOf(last.asked), isBehind }
  })
}
