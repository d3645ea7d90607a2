import type { Entry } from './entry'
import type { KnownEntry } from './known-entry'
import { secondsAt, timeAt } from './time-key'

/** A clock that is off by less is as good as right: sending takes time too. In ms. */
const noticed = 30_000

/** Whether the clock by which an entry was written was noticeably off. */
export const isClockOff = ({ ahead = 0 }: Pick<Entry, 'ahead'>): boolean => Math.abs(ahead) >= noticed

/** A time as a clock showed it that was so many ms ahead, by the server's clock. */
const without = (ahead: number, at: string): string => timeAt(secondsAt(at) - ahead / 1000)

/** When a test was raised, where that is said; all else as it is. */
const raisedBefore = <Body extends { readonly raisedAt?: unknown }>(ahead: number, body: Body): Body =>
  typeof body.raisedAt === 'string' ? { ...body, raisedAt: without(ahead, body.raisedAt) } : body

/**
 * An entry with its times by the server's clock: phones' clocks are off, each by its own, and what one wrote is held
 * against what another did.
 *
 * @remarks for instance: written at 10:11 by a phone that was 11 minutes ahead as it sent it: at 10:00
 */
export function inServerTime(entry: KnownEntry): KnownEntry {
  const { at, ahead } = entry
  if (ahead === undefined || !isClockOff(entry)) return entry
  const then = without(ahead, at)
  if (entry.kind === 'test-begun') return { ...entry, at: then, body: raisedBefore(ahead, entry.body) }
  // What a correction says instead was written by its own clock.
  if (entry.kind === 'correction' && 'body' in entry.body)
    return { ...entry, at: then, body: { ...entry.body, body: raisedBefore(ahead, entry.body.body) } }
  return { ...entry, at: then }
}
