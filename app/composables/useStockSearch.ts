import { proxy, wrap } from 'comlink'
import type { StockProgress } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import type { StockWorker } from '~/workers/stock'

/** Lays pieces on stock in a worker, anew whenever the question changes; stopped, the best plan so far stays. */
export function useStockSearch(question: () => StockQuestion) {
  const progress = shallowRef<StockProgress | null>(null)
  const running = ref(false)
  const failed = ref('')
  let worker: Worker | undefined

  function stop(): void {
    worker?.terminate()
    worker = undefined
    running.value = false
  }

  async function start(): Promise<void> {
    stop()
    failed.value = ''
    const mine = new Worker(new URL('../workers/stock.ts', import.meta.url), { type: 'module' })
    worker = mine
    running.value = true
    mine.addEventListener('error', () => {
      failed.value = 'the solver did not load: the first-fit plan below still holds'
      if (worker === mine) stop()
    })
    const report = proxy((now: StockProgress) => {
      if (worker === mine) progress.value = now
    })
    try {
      const last = await wrap<StockWorker>(mine).search(question(), report)
      if (worker === mine) progress.value = last
    } catch {
      failed.value = 'the search failed: the first-fit plan below still holds'
    }
    if (worker === mine) stop()
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
