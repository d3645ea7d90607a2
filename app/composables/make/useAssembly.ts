import { seekOrder, type AssemblyOrder } from '~~/core/assembly/order'
import type { AssemblyQuestion } from '~~/core/assembly/question'
import { askWorker, type Asking } from '../page/useCoreWorker'

/** So many joints are put in order in the page itself, if it takes no longer than so many ms: what is usual takes a few. */
const [fewJoints, atOnce] = [60, 25] as const

/** The order of assembly where a moment is enough to find it; else null. */
function orderAtOnce(question: AssemblyQuestion): AssemblyOrder | null {
  if (question.joints.length > fewJoints) return null
  const search = seekOrder(question)
  const until = performance.now() + atOnce
  let step = search.next()
  while (!step.done && performance.now() < until) step = search.next()
  return step.done ? step.value : null
}

/** Seeks the order of assembly, at once or else in the worker, anew whenever the question changes. */
export function useAssembly(question: () => AssemblyQuestion) {
  const order = shallowRef<AssemblyOrder | null>(null)
  /** How many orders were tried so far. */
  const tried = ref(0)
  const failed = ref(false)
  const stopped = ref(false)
  let asking: Asking<AssemblyOrder | null> | undefined
  // The page comes before the worker, which is large.
  let isReady = false

  function stop(): void {
    asking?.giveUp()
    asking = undefined
    stopped.value = order.value === null
  }

  async function askOn(): Promise<void> {
    const mine = (asking = askWorker(
      async (worker, report) => worker.order(question(), report),
      (count: number) => (tried.value = count),
    ))
    try {
      const found = await mine.answer
      if (asking === mine) order.value = found
    } catch {
      if (asking === mine) failed.value = true
    }
  }

  function seek(): void {
    asking?.giveUp()
    asking = undefined
    tried.value = 0
    failed.value = false
    stopped.value = false
    order.value = orderAtOnce(question())
    if (!order.value && isReady) void askOn()
  }
  watch(question, seek, { immediate: true })
  onNuxtReady(() => {
    isReady = true
    if (!order.value && !stopped.value) void askOn()
  })
  onScopeDispose(stop)
  return { order, tried, failed, stopped, seek, stop }
}
