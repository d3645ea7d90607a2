import { saysTheSame } from '~~/core/edit/merge'
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
