import type { TestState } from '../log/site-state'
import { isClockOff } from '../log/server-time'
import { secondsAt } from '../log/time-key'
import type { Message } from '../quantity/words/message'
import { recordSays } from './sayings'

/** Readings that came within so small a share of the time that they tell of did not come as they were taken. */
const together = 0.5
/** Shorter than this nothing can be held against it: seconds. */
const shortest = 60

/** How long it took until all of them had come, in seconds; null where that is not known. */
function arrivalOf(readings: TestState['readings']): number | null {
  const arrived = readings.flatMap(({ arrived: at }) => (at === undefined ? [] : [secondsAt(at)]))
  return arrived.length === readings.length ? Math.max(...arrived) - Math.min(...arrived) : null
}

/**
 * What is to be known of a test's readings: where they come from, whether their times are held by when they came, and
 * how far the clock was off by which they were written.
 *
 * @remarks for instance: readings of fifteen minutes that came within three seconds: their times are the phone's word,
 * from a file, or kept without a line
 */
export function readingNotes({ begun, readings }: Pick<TestState, 'begun' | 'readings'>): Message[] {
  const [first, last] = [readings[0], readings.at(-1)]
  if (!first || !last) return []
  const span = last.seconds - first.seconds
  const arrival = arrivalOf(readings)
  const off = Math.round((begun?.ahead ?? 0) / 1000)
  const isFrom = (source: 'simulated' | 'file') => readings.some(({ from }) => from === source)
  return [
    ...(isFrom('simulated') ? [recordSays('readings simulated')] : []),
    ...(isFrom('file') ? [recordSays('readings from file')] : []),
    ...(!isFrom('file') && arrival !== null && span >= shortest && arrival < span * together
      ? [recordSays('readings together', { span, within: Math.round(arrival) })]
      : []),
    ...(begun && isClockOff(begun) ? [recordSays('clock off', { seconds: Math.abs(off), isAhead: off > 0 })] : []),
  ]
}
