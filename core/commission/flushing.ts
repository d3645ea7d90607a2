import type { SiteState } from '../log/site-state'
import type { Profile } from '../workshop/profile'
import type { Outlet } from './outlets'

/** How an outlet is flushed, and whether it was. */
export interface Flushing extends Outlet {
  /** Litres to run off; null where nobody knows what stands before it. */
  readonly litres: number | null
  /** Litres a minute that come. */
  readonly flow: number
  /** They were measured here, and are not only typical. */
  readonly isMeasured: boolean
  /** Minutes that it runs; null with the litres. */
  readonly minutes: number | null
  readonly isDone: boolean
}

/** Litres a minute of an open tap, its aerator off; typical. */
const typicalFlow = 8

type Water = SiteState['water'][number]
/** Whether a flushing counts for an outlet: one that names none is of all. */
const isFlushingOf = (entry: Water, id: string): boolean =>
  entry.kind === 'flushed' && (entry.body.at === undefined || entry.body.at === id)

/** What was measured at an outlet, the newest first. */
export const measuredAt = ({ water }: Pick<SiteState, 'water'>, id: string) =>
  water.flatMap((entry) => (entry.kind === 'outlet-measured' && entry.body.at === id ? [entry.body] : [])).reverse()

/**
 * How each outlet is flushed: so many times what stands before it, for as long as that takes by the flow that was measured
 * there, or a typical one.
 *
 * @remarks for instance: 0.8 l before it, three times, at 8 l a minute: 2.4 l, 0.3 min
 */
export function flushings(
  outlets: readonly Outlet[],
  { flushTimes }: Pick<Profile, 'flushTimes'>,
  state: Pick<SiteState, 'water'>,
): Flushing[] {
  return outlets.map((outlet) => {
    const measured = measuredAt(state, outlet.id).find(({ litresPerMinute }) => litresPerMinute !== undefined)
    const flow = measured?.litresPerMinute ?? typicalFlow
    const litres = outlet.content === null ? null : flushTimes * outlet.content
    return {
      ...outlet,
      litres,
      flow,
      isMeasured: measured !== undefined,
      minutes: litres === null ? null : litres / flow,
      isDone: state.water.some((entry) => isFlushingOf(entry, outlet.id)),
    }
  })
}
