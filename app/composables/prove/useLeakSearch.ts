import { fallByLeak, valveSeconds } from '~~/core/leak/checks'
import type { LeakSearch } from '~~/core/leak/search'
import { suspectsOf } from '~~/core/leak/suspects'
import { valveSides } from '~~/core/leak/valve-sides'
import type { TestState } from '~~/core/log/site-state'
import type { ProofAnswer } from '~~/core/prove/prove'
import { useLogStore } from '~/stores/log'
import { newestOf } from '~/workers/newest'
import { askWorker } from '../page/useCoreWorker'

/** Where the leak of a test is, after what was checked; null where none is sought, or while it is worked out. */
export function useLeakSearch(test: () => TestState | undefined, proof: () => ProofAnswer | null) {
  const { built: job, plan } = useOpenJob()
  const log = useLogStore()
  const search = shallowRef<LeakSearch | null>(null)
  const asked = computed(() => {
    const [state, answer] = [test(), proof()]
    if (!state || !log.state || answer?.verdict !== 'leak') return null
    const suspects = suspectsOf(job.value, plan.value, log.state, state.begun?.body.runs)
    const seconds = valveSeconds(fallByLeak(answer.causes, state.readings))
    return { suspects, valves: valveSides(job.value, suspects), checks: state.checks, seconds }
  })
  const ask = newestOf(
    ({ suspects, valves, checks, seconds }: NonNullable<typeof asked.value>) =>
      askWorker((worker) => worker.leak(suspects, valves, checks, seconds)).answer.catch(() => null),
    (of, answer) => {
      if (of === asked.value) search.value = answer
    },
  )
  watch(
    asked,
    (of) => {
      if (of) ask(of)
      else search.value = null
    },
    { immediate: true },
  )
  return search
}
