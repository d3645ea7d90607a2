import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'

/** Something small that a joint uses up and that is easily left in the box. */
export interface SundryCount {
  readonly label: string
  readonly count: number
}

/** All sundries of these joints, counted, so that at the end issued less used is nought. */
export function countSundries(joints: readonly { readonly method: MethodId; readonly pipe: Pipe }[]): SundryCount[] {
  const counts = new Map<string, number>()
  for (const { method, pipe } of joints) {
    const { ring, insert } = methods[method]
    // One to each joint: the fitting's own, or a new one where a nut is undone and made again.
    for (const label of [ring && `${pipe.nominal} ${ring}`, insert(pipe)])
      if (label !== null) counts.set(label, (counts.get(label) ?? 0) + 1)
  }
  return [...counts].map(([label, count]) => ({ label, count }))
}
