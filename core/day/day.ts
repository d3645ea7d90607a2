import type { Stretch } from '../assembly/waits'
import { fillWait, type OpenWait } from './waits'

/** A visit of a day as it is planned from: times in minutes from midnight. */
export interface Stop {
  readonly id: string
  /** The time that was agreed. */
  readonly at?: number
  /** How long the work takes; null where that is not known. */
  readonly minutes: number | null
  /** When the water is off, in minutes from its beginning; null where it stays on, or nobody knows. */
  readonly off: { readonly from: number; readonly to: number } | null
  /** When it really began and ended, as far as that was typed. */
  readonly began?: number
  readonly ended?: number
  /** When one may go elsewhere and come back, in minutes from its beginning. */
  readonly waits?: readonly Stretch[]
}

/** A visit in its place in the day; null from where it is not known any more. */
export interface PlannedStop {
  readonly id: string
  readonly from: number | null
  readonly to: number | null
  /** When the household has no water. */
  readonly off: { readonly from: number; readonly to: number } | null
  /** Minutes after the time that was agreed. */
  readonly late: number
  /** Minutes to spare before the time that was agreed. */
  readonly spare: number
  /** The visit in whose wait this one is made; null where it has a time of its own. */
  readonly within: string | null
  /** When one may go elsewhere and come back, by the clock. */
  readonly waits: readonly Stretch[]
}

export interface DayAsked {
  /** When one sets out. */
  readonly begins: number
  /** Minutes from one place to the next, and to the first. */
  readonly travel: number
}

/** Where a visit was said to be shorter than its plan of work, nobody knows what of it is done then. */
const isWithin = (off: { readonly to: number }, minutes: number | null): boolean =>
  minutes === null || off.to <= minutes

/** How far a visit lies beside the time that was agreed: it begins late, or one is there with time to spare. */
const beside = (
  { at, began }: Stop,
  from: number | null,
  there: number | null,
): Pick<PlannedStop, 'late' | 'spare'> => ({
  late: at === undefined || from === null ? 0 : Math.max(0, from - at),
  spare: at === undefined || there === null || began !== undefined ? 0 : Math.max(0, at - there),
})

/**
 * A day's visits one after another: each begins when one is there, at the time that was agreed where that is later, and
 * when it really did where that was typed. What follows one of unknown length is not known, unless its time was agreed.
 * Where something sets or cools, and the way there and back leaves time enough, one that follows is made meanwhile.
 *
 * @param stops in the order in which they are gone to
 * @remarks for instance: set out at 8.00, 20 minutes of travel; 60 minutes of work, then agreed at 10.00: from 8.20 to
 *   9.20, then from 10.00 with 20 minutes to spare. Really ended at 9.55: there at 10.15, 15 late. 200 minutes of work with
 *   a wait from 60 to 180, then 45 minutes: the second from 9.40 to 10.25, and the first until 11.40
 */
export function planDay(stops: readonly Stop[], { begins, travel }: DayAsked): PlannedStop[] {
  let free: number | null = begins
  let waits: readonly OpenWait[] = []
  return stops.map((stop): PlannedStop => {
    const { id, at, minutes, off, began, ended } = stop
    const dry = (from: number | null) =>
      off && from !== null && isWithin(off, minutes) ? { from: from + off.from, to: from + off.to } : null
    const filled = fillWait(waits, stop, travel)
    if (filled) {
      const { from, to, there, within, left } = filled
      waits = left
      return { id, from, to, off: dry(from), ...beside(stop, from, there), within, waits: [] }
    }
    const there: number | null = free === null ? null : free + travel
    const planned: number | null = at === undefined ? there : Math.max(at, there ?? at)
    // Over before it was to begin, and nobody typed when it did: that is not known.
    const from = began ?? (planned !== null && ended !== undefined && ended < planned ? null : planned)
    const isOver = ended !== undefined && (from === null || ended >= from)
    const to = isOver ? ended : from === null || minutes === null ? null : from + minutes
    free = to
    const own = from === null || isOver ? [] : (stop.waits ?? [])
    waits = own.map((wait) => ({ of: id, from: from! + wait.from, to: from! + wait.to }))
    return {
      id,
      from,
      to,
      off: dry(from),
      within: null,
      waits,
      ...beside(stop, from, there),
    }
  })
}

/**
 * Minutes from midnight of a time of day.
 *
 * @example minutesOfDay('08:30') // 510
 */
export const minutesOfDay = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))

/** Minutes in all by which a day comes later than was agreed. */
const lateness = (planned: readonly PlannedStop[]): number => planned.reduce((sum, { late }) => sum + late, 0)

/** When the last of them ends, as far as that is known. */
const endOf = (planned: readonly PlannedStop[]): number => Math.max(0, ...planned.map(({ to }) => to ?? 0))

/**
 * The order in which a day's visits are gone to: those that somebody gave a turn in that turn, else those with a time
 * agreed by that time; each other one where the day ends soonest, and as early as it can be then, without making anybody
 * wait longer than before.
 *
 * @param turns the ids of visits in the turn that somebody gave them
 * @remarks for instance: 60 minutes of work without a time, and one agreed at 10.00, set out at 8.00: the first before it;
 *   with 120 minutes after it; one that goes into the wait of another after that
 */
export function arrangeDay<Of extends Stop>(
  stops: readonly Of[],
  asked: DayAsked,
  turns: readonly string[] = [],
): Of[] {
  const agreed = stops.filter(({ at }) => at !== undefined).toSorted((one, other) => one.at! - other.at!)
  const turned = [...new Set(turns)].flatMap((id) => stops.filter((stop) => stop.id === id))
  const first = turned.length > 0 ? turned : agreed
  const others = [...agreed, ...stops.filter(({ at }) => at === undefined)].filter((stop) => !first.includes(stop))
  return others.reduce((order, stop) => {
    const least = lateness(planDay(order, asked))
    const fits = (place: number): boolean => {
      const tried = planDay(order.toSpliced(place, 0, stop), asked)
      return stop.minutes !== null && lateness(tried) <= least && tried.every(({ from }) => from !== null)
    }
    const places = [...order.keys(), order.length].filter(fits)
    // Where a time was agreed others are gone to before it; where none was, it comes as soon as it can.
    const preferred = stop.at === undefined ? places : places.toReversed()
    const endWith = (place: number) => endOf(planDay(order.toSpliced(place, 0, stop), asked))
    const place = preferred.toSorted((one, other) => endWith(one) - endWith(other))[0]
    return order.toSpliced(place ?? order.length, 0, stop)
  }, first)
}

/**
 * What is set in the workshop where a visit of a day is gone to in another turn; turns of days long gone are let go.
 *
 * @param ids the visits of the day as they are gone to now
 * @param kept the days whose turns are kept, of which those before a day go
 * @remarks for instance: of a, b, c the last one first: c, a, b
 */
export function turnsWith(
  day: string,
  ids: readonly string[],
  { from, to }: { readonly from: number; readonly to: number },
  kept: { readonly days: readonly string[]; readonly since: string },
): { readonly path: readonly string[]; readonly value: readonly string[] | null }[] {
  const turned = ids.toSpliced(from, 1).toSpliced(to, 0, ids[from]!)
  const gone = kept.days.filter((old) => old < kept.since)
  return [{ path: ['turns', day], value: turned }, ...gone.map((old) => ({ path: ['turns', old], value: null }))]
}
