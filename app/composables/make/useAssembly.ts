import type { AssemblyOrder } from '~~/core/assembly/order'
import type { AssemblyQuestion } from '~~/core/assembly/question'
import { askWorker, type Asking } from '../page/useCoreWorker'

/** Seeks the order of assembly in the worker, anew whenever the question changes. */
export function useAssembly(question: () => AssemblyQuestion) {
  const order = shallowRef<AssemblyOrder | null>(null)
  /** How many orders were tried so far. */
  const tried = ref(0)
  const failed = ref(false)
  const stopped = ref(false)
  let asking: Asking<AssemblyOrder | null> | undefined

  function stop(): void {
    asking?.giveUp()
    asking = undefined
    stopped.value = order.value === null
  }

  async function seek(): Promise<void> {
    asking?.giveUp()
    order.value = null
    tried.value = 0
    failed.value = false
    stopped.value = false
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
  // The page comes first: what it seeks with is large.
  const isReady = ref(false)
  onNuxtReady(() => (isReady.value = true))
  watch(
    () => (isReady.value ? question() : null),
    (asked) => asked && void seek(),
    { immediate: true },
  )
  onScopeDispose(stop)
  return { order, tried, failed, stopped, seek, stop }
}
