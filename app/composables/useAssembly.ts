import { wrap } from 'comlink'
import type { AssemblyOrder } from '~~/core/make/assembly/order'
import type { AssemblyQuestion } from '~~/core/make/assembly/question'
import type { AssemblyWorker } from '~/workers/assembly'

/** Seeks the order of assembly in a worker, anew whenever the question changes. */
export function useAssembly(question: () => AssemblyQuestion) {
  const order = shallowRef<AssemblyOrder | null>(null)
  const failed = ref(false)
  let worker: Worker | undefined

  async function seek(): Promise<void> {
    worker?.terminate()
    const mine = new Worker(new URL('../workers/assembly.ts', import.meta.url), { type: 'module' })
    worker = mine
    order.value = null
    failed.value = false
    mine.addEventListener('error', () => (failed.value = true))
    try {
      const found = await wrap<AssemblyWorker>(mine).order(question())
      if (worker === mine) order.value = found
    } catch {
      if (worker === mine) failed.value = true
    }
    mine.terminate()
  }
  watch(question, () => void seek(), { immediate: true })
  onScopeDispose(() => worker?.terminate())
  return { order, failed }
}
