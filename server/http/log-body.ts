import { isDeepStrictEqual } from 'node:util'
import { entryProblems, type Entry } from '~~/core/log/entry'
import type { FieldProblem } from '~~/core/quantity/field-problem'
import type { Known } from '../database/log'

/** Clocks of phones go wrong by so much, in ms. */
const ahead = 10 * 60 * 1000

/** What entries say that cannot be so, whatever the log holds. @param now ms */
export const saidProblems = (entries: readonly Entry[], now: number): FieldProblem[] =>
  entries.flatMap((entry, at) => [
    ...entryProblems(entry, `entries.${at}`),
    ...(Date.parse(entry.at) > now + ahead
      ? [{ field: `entries.${at}.at`, problem: 'a time that has been: this one is in the future' }]
      : []),
  ])

/** What entries say against what the log holds: an id of another job or another entry, a replaced entry that is not there. */
export function clashes(job: string, entries: readonly Entry[], known: ReadonlyMap<string, Known>): FieldProblem[] {
  const together = new Map<string, Entry>()
  return entries.flatMap((entry, at) => {
    const field = (name: string) => `entries.${at}.${name}`
    const before = known.get(entry.id)
    const beside = together.get(entry.id)
    together.set(entry.id, entry)
    if (before && before.job !== job)
      return [{ field: field('id'), problem: 'is that of an entry of another job: each entry has an id of its own' }]
    const other = before?.entry ?? beside
    if (other && !isDeepStrictEqual(other, entry))
      return [
        { field: field('id'), problem: 'stands for another entry already: what is written is corrected, not changed' },
      ]
    if (!entry.replaces) return []
    const replaced = known.get(entry.replaces)
    if (replaced ? replaced.job === job : together.has(entry.replaces)) return []
    return [{ field: field('replaces'), problem: `there is no entry “${entry.replaces}” in this job’s log` }]
  })
}
