import type { Earlier } from './inference/course'
import type { Reading } from './readings'

/** What somebody did to the pressure, in the way it is asked about. */
export const touches = ['topped up', 'let down', 'touched'] as const
export interface Touch {
  readonly seconds: number
  readonly did: (typeof touches)[number]
}

/** So many times of standing alone are weighed together, the last ones. */
const mostStretches = 6

/**
 * Readings between which nobody touched the pump or a valve: one list for each such time, two readings or more in each.
 *
 * @remarks for instance: read at 0, 60, 120, 180 s, topped up at 90: 0 and 60, 120 and 180
 */
export function stretchesBetween(readings: readonly Reading[], events: readonly Touch[]): Reading[][] {
  const times = [...new Set(events.map(({ seconds }) => seconds))].sort((a, b) => a - b)
  const edges = [-Infinity, ...times, Infinity]
  return edges
    .slice(1)
    .map((until, at) => readings.filter(({ seconds }) => seconds > edges[at]! && seconds <= until))
    .filter(({ length }) => length > 1)
    .slice(-mostStretches)
}

/** How far the gauge fell while nobody touched it, all stretches together, in bar; below 0 where it rose. */
export const fallenIn = (stretches: readonly (readonly Reading[])[]): number =>
  stretches.reduce((sum, readings) => sum + readings[0]!.bar - readings.at(-1)!.bar, 0)

/** The wall's memory is kept by so many pressures. */
const mostEarlier = 12

/** The pressures that stood before, as few as tell what plastic remembers; the first of them put on at second 0. */
export function earlierOf(readings: readonly Reading[], until: number): Earlier[] {
  const before = readings.filter(({ seconds }) => seconds < until)
  const every = Math.ceil(before.length / mostEarlier)
  return before
    .filter((_, at) => at % every === 0)
    .map(({ seconds, bar }, at) => ({ seconds: at === 0 ? 0 : seconds, bar }))
}
