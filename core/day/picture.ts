import type { Stretch } from '../assembly/waits'
import type { PlannedStop } from './day'

/** From when to when a day's plan reaches; for its picture. */
export function extentOf(planned: readonly PlannedStop[], begins: number): Stretch {
  const times = planned.flatMap(({ from, to }) => [from, to]).filter((time) => time !== null)
  return { from: Math.min(begins, ...times), to: Math.max(begins + 60, ...times) }
}

/** Where a stretch of time lies in the picture of a day, in per cent of its width. */
export interface Place {
  readonly left: number
  readonly width: number
}

/**
 * Where a stretch of time lies in the picture of a day, in per cent of its width.
 *
 * @example placeOf({ from: 510, to: 540 }, { from: 480, to: 600 }) // { left: 25, width: 25 }
 */
export function placeOf(stretch: Stretch, extent: Stretch): Place {
  const whole = extent.to - extent.from
  return { left: (100 * (stretch.from - extent.from)) / whole, width: (100 * (stretch.to - stretch.from)) / whole }
}

/** A visit in the picture of its day: its time, when the household has no water, and when one may go elsewhere. */
export interface VisitPicture {
  /** Null where its time is not known. */
  readonly bar: Place | null
  readonly dry: Place | null
  readonly waits: readonly (Stretch & { readonly bar: Place })[]
}

/** A wait is told from so many minutes on. */
const worthSaying = 20

/** The visits of a day as its picture has them, each in the day as a whole. */
export function dayPicture(planned: readonly PlannedStop[], begins: number): VisitPicture[] {
  const extent = extentOf(planned, begins)
  return planned.map(({ from, to, off, waits }) => ({
    bar: from === null || to === null ? null : placeOf({ from, to }, extent),
    dry: off && placeOf(off, extent),
    waits: waits
      .filter((wait) => wait.to - wait.from >= worthSaying)
      .map((wait) => ({ ...wait, bar: placeOf(wait, extent) })),
  }))
}
