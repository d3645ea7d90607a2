import { effectiveEntries } from './effective'
import type { Entry } from './entry'
import { isOfKind } from './known-entry'

/** When a visit really began and ended, by the clock of the place, as far as somebody said. */
export interface VisitTimes {
  readonly began?: string
  readonly ended?: string
}

/**
 * When a job's visits really were, by the visit: what was said last of each end holds; null takes it back.
 *
 * @param before as it was known before these entries
 * @remarks for instance: began at 08:40, ended at 10:05, and then began at 08:30: from 08:30 to 10:05
 */
export function visitTimes(
  entries: readonly Entry[],
  before: ReadonlyMap<string, VisitTimes> = new Map(),
): ReadonlyMap<string, VisitTimes> {
  const times = new Map(before)
  for (const { body } of effectiveEntries(entries).filter(isOfKind('visit-times'))) {
    const { began, ended } = { ...times.get(body.visit), ...body }
    times.set(body.visit, { ...(began && { began }), ...(ended && { ended }) })
  }
  return times
}
