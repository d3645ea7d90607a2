import type { Sought } from '~~/core/leak/belief'
import { lossOf } from '~~/core/leak/loss'
import type { LeakSearch } from '~~/core/leak/search'
import { spotsOf } from '~~/core/leak/spots'
import { suspectsOf } from '~~/core/leak/suspects'
import { valveSides } from '~~/core/leak/valve-sides'
import type { CheckResult } from '~~/core/log/leak-check'
import type { TestState } from '~~/core/log/site-state'
import type { ProofAnswer } from '~~/core/prove/prove'
import { useLogStore } from '~/stores/log'
import { newestOf } from '~/workers/newest'
import { askWorker } from '../page/useCoreWorker'

interface Asked {
  readonly sought: Sought
  readonly results: readonly CheckResult[]
}

/** Where the leak of a test is, after what was checked; null where none is sought, or while it is worked out. */
export function useLeakSearch(test: () => TestState | undefined, proof: () => ProofAnswer | null) {
  const { built: job, plan } = useOpenJob()
  const log = useLogStore()
  const search = shallowRef<(LeakSearch & Pick<Sought, 'loss'>) | null>(null)
  const asked = computed((): Asked | null => {
    const [state, answer] = [test(), proof()]
    if (!state?.begun || !log.state || answer?.verdict !== 'leak') return null
    const { body } = state.begun
    const suspects = suspectsOf(job.value, plan.value, log.state, body)
    const loss = lossOf(answer, body.medium, state.readings)
    return {
      sought: { spots: spotsOf(job.value, suspects), valves: valveSides(job.value, suspects), loss },
      results: state.checks.map(({ body }) => body),
    }
  })
  const ask = newestOf(
    ({ sought, results }: Asked) => askWorker((worker) => worker.leak(sought, results)).answer.catch(() => null),
    (of, answer) => {
      if (of === asked.value) search.value = answer && { ...answer, loss: of.sought.loss }
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
