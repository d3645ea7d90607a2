import type { Entry } from '~~/core/log/entry'
import type { Command } from './command'

/** The job in whose path a command is; null where it is of none. */
export const jobOf = ({ path }: Command): string | null => /^\/api\/jobs\/([^/]+)\//.exec(path)?.[1] ?? null

const entriesOf = ({ changes, body }: Command): readonly Entry[] =>
  changes === 'log' ? (body as { readonly entries: readonly Entry[] }).entries : []

/** What an entry rests on: other entries by their ids, and the beginning of its test. */
const restsOn = ({ replaces, body, subject, kind }: Entry): readonly string[] =>
  [replaces, body.of, kind === 'test-begun' ? undefined : subject.test].filter((id) => typeof id === 'string')

/** What an entry is there for others to rest on. */
const gives = ({ id, kind, subject }: Entry): readonly string[] =>
  kind === 'test-begun' && subject.test !== undefined ? [id, subject.test] : [id]

/** Whether a command goes only after an earlier one: the picture that it names, the entry that it answers. */
function isBehind(command: Command, earlier: Command): boolean {
  const own = entriesOf(command)
  const isOfJob = jobOf(earlier) === jobOf(command)
  // What is handed over holds all that was written before it.
  if (own.some(({ kind }) => kind === 'handed-over')) return isOfJob || earlier.changes === 'photos'
  if (earlier.changes === 'photos') return own.some(({ kind }) => kind === 'photo')
  const given = new Set(entriesOf(earlier).flatMap(gives))
  return isOfJob && own.some((entry) => restsOn(entry).some((id) => given.has(id)))
}

/**
 * Which of what waits goes next: in its order, but entries before pictures, which take long; what rests on something
 * goes after it; what is written of a job goes once the server has that job.
 *
 * @param waiting in the order in which they were made
 * @param mayGo whether what a command is about is there, as far as is known here
 * @returns undefined where all that waits must wait on
 */
export function nextOf(waiting: readonly Command[], mayGo: (command: Command) => boolean): Command | undefined {
  const held: Command[] = []
  let picture: Command | undefined
  for (const command of waiting) {
    const isHeld = !mayGo(command) || [...held, ...(picture ? [picture] : [])].some((of) => isBehind(command, of))
    if (isHeld) held.push(command)
    else if (command.changes === 'photos') picture ??= command
    else return command
  }
  return picture
}
