import type { StockProgress } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { askWorker, type Asking } from '../page/useCoreWorker'

/** Lays pieces on stock in the worker, anew whenever the question changes; stopped, the best plan so far stays. */
export function useStockSearch(question: () => StockQuestion) {
  const progress = shallowRef<StockProgress | null>(null)
  const running = ref(false)
  const failed = ref('')
  let asking: Asking<StockProgress> | undefined

  function stop(): void {
    asking?.giveUp()
    asking = undefined
    running.value = false
  }

  async function start(): Promise<void> {
    stop()
    failed.value = ''
    running.value = true
    const mine = (asking = askWorker(
      (worker, report) => worker.stock(question(), report),
      (now: StockProgress) => (progress.value = now),
    ))
    try {
      const last = await mine.answer
      if (asking === mine) progress.value = last
    } catch {
      if (asking === mine) failed.value = 'the search failed: the first-fit plan below still holds'
    }
    if (asking === mine) stop()
  }

  watch(
    () => JSON.stringify(question()),
    () => {
      progress.value = null
      void start()
    },
    { immediate: true },
  )
  onScopeDispose(stop)
  return { progress, running, failed, start, stop }
}
