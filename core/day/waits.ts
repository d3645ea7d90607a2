import type { Stretch } from '../assembly/waits'

/** A wait at a visit, by the clock, in which one may go elsewhere and come back. */
export interface OpenWait extends Stretch {
  /** The visit. */
  readonly of: string
}

/** A visit that is asked whether it goes into a wait. */
export interface ToFill {
  readonly at?: number | undefined
  readonly minutes: number | null
  readonly began?: number | undefined
  readonly ended?: number | undefined
}

/** Where it goes into a wait: from when to when, and what is left of the waits. */
export interface Filled extends Stretch {
  readonly within: string
  /** From when one is there. */
  readonly there: number
  readonly left: readonly OpenWait[]
}

/**
 * The first wait into which a visit goes with the way there and back; null where none is long enough.
 *
 * @param travel minutes from one place to the next
 * @remarks for instance: a wait from 9.20 to 11.20 and 20 minutes of way: 45 minutes of work from 9.40 to 10.25, and back
 *   at 10.45
 */
export function fillWait(
  waits: readonly OpenWait[],
  { at, minutes, began, ended }: ToFill,
  travel: number,
): Filled | null {
  for (const wait of waits) {
    const there = wait.from + travel
    const from = began ?? Math.max(there, at ?? there)
    const to = ended ?? (minutes === null ? null : from + minutes)
    if (to === null || from < there || to < from || to + travel > wait.to) continue
    return { within: wait.of, there, from, to, left: waits.map((of) => (of === wait ? { ...of, from: to } : of)) }
  }
  return null
}
