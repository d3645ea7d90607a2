import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'

/** Something small that a joint uses up and that is easily left in the box. */
export interface SundryCount {
  /** Its full name, as a fitting’s is: what is counted goes by it. */
  readonly item: string
  readonly label: string
  readonly count: number
}

/** Sundries counted by their full names, in the order in which they are first met. */
export function countedByName(names: readonly string[]): SundryCount[] {
  const counts = new Map<string, number>()
  for (const name of names) counts.set(name, (counts.get(name) ?? 0) + 1)
  return [...counts].map(([item, count]) => ({ item, label: item, count }))
}

/** All sundries of these joints, counted, so that at the end issued less used is nought. */
export const countSundries = (
  joints: readonly { readonly method: MethodId; readonly pipe: Pipe; readonly washer?: string }[],
): SundryCount[] =>
  countedByName(
    joints.flatMap(({ method, pipe, washer }) => {
      if (washer) return [`${washer} flat washer`]
      const { ring, insert } = methods[method]
      // One to each joint: the fitting's own, or a new one where a nut is undone and made again.
      return [ring && `${pipe.nominal} ${ring}`, insert(pipe)].filter((name) => name !== null)
    }),
  )
