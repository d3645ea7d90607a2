import { mergeJobs, saysTheSame } from '~~/core/edit/merge'
import type { Job } from '~~/core/job/job'

/** What can be undone and redone: whole jobs, the newest last and first. */
export interface History {
  readonly past: readonly Job[]
  readonly future: readonly Job[]
}

/** So much text of it is kept through a reload; the oldest goes first. */
const mostText = 1_500_000
const keyOf = (id: string): string => `jolvet-history-${id}`

/** As many texts as there is room for. */
function within(texts: readonly string[], room: number): string[] {
  let left = room
  return texts.filter((text) => (left -= text.length) >= 0)
}

/** So many steps of it go through another's change; each is brought together with it. */
const mostThrough = 50

/**
 * A history through another's change: each text with that change in it, so that undo takes back what was done here and
 * nothing of the other's. Where the two touch the same thing, it ends.
 *
 * @param before the text to which the history led
 * @param after the same with the other's change
 */
export function through({ past, future }: History, before: Job, after: Job, isSound: (job: Job) => boolean): History {
  const rebased = (texts: readonly Job[]): Job[] => {
    const found: Job[] = []
    for (const text of texts.slice(0, mostThrough)) {
      const { job, clashes } = mergeJobs(before, text, after)
      if (clashes.length > 0 || !isSound(job)) break
      found.push(job)
    }
    return found
  }
  return { past: rebased(past.toReversed()).toReversed(), future: rebased(future) }
}

/** Keeps a job's history in this tab, for when the page is loaded again. Where there is no room, it is not kept. */
export function keepHistory(storage: Storage, id: string, job: Job, { past, future }: History): void {
  const room = mostText / 2
  const texts = {
    job: JSON.stringify(job),
    past: within(
      past.toReversed().map((of) => JSON.stringify(of)),
      room,
    ).toReversed(),
    future: within(
      future.map((of) => JSON.stringify(of)),
      room,
    ),
  }
  try {
    storage.setItem(keyOf(id), JSON.stringify(texts))
  } catch {
    storage.removeItem(keyOf(id))
  }
}

/**
 * The history that was kept, where it belongs to the job as it is now; else none.
 *
 * @param read a text as a job of this program: an earlier one may have written it
 */
export function takeHistory(storage: Storage, id: string, job: Job, read: (text: unknown) => Job | null): History {
  const none: History = { past: [], future: [] }
  try {
    const kept = JSON.parse(storage.getItem(keyOf(id)) ?? 'null') as Record<'past' | 'future', string[]> & {
      job: string
    }
    const readText = (text: string) => read(JSON.parse(text))
    if (!saysTheSame(readText(kept.job), job)) return none
    const all = (texts: readonly string[]) => texts.flatMap((text) => readText(text) ?? [])
    return { past: all(kept.past), future: all(kept.future) }
  } catch {
    return none
  }
}
