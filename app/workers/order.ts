import { seekOrder, type AssemblyOrder } from '~~/core/assembly/order'
import type { AssemblyQuestion } from '~~/core/assembly/question'
import type { Report } from './report'

/** So often it is said how many orders were tried, in ms; in between others have their turn. */
const pause = 100

/** Seeks the order of assembly, telling how many were tried; null where it is given up. */
export async function order(question: AssemblyQuestion, report: Report<number>): Promise<AssemblyOrder | null> {
  const search = seekOrder(question)
  let step = search.next()
  let told = performance.now()
  for (let tried = 1; !step.done; tried += 1) {
    if (performance.now() - told > pause) {
      if (!(await report(tried))) return null
      told = performance.now()
    }
    step = search.next()
  }
  return step.value
}
