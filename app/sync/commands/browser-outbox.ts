import { openChannel, underLock } from '../between-tabs'
import { sendCommand, type Changes, type Command } from './command'
import type { CommandAnswer } from './command-answer'
import { browserCommands } from './command-store'
import { unbegunJobs } from '../job/drafts'
import { Outbox, type Heard, type OutboxState } from './outbox'
import { jobOf } from './turn'

const [firstPause, longestPause] = [500, 10_000]

interface Told {
  /** What a change waits for before it is sent. */
  readonly before: (command: Command) => Promise<void> | undefined
  /** Jobs that are open here and that the server does not have yet. */
  readonly unbegunHere: ReadonlySet<string>
  readonly onState: (state: OutboxState) => void
  readonly onAnswer: (changes: Changes, command: Command, answer: CommandAnswer) => void
}

/** The outbox that this browser's tabs share. */
export function browserOutbox({ before, unbegunHere, onState, onAnswer }: Told): Outbox {
  const channel = openChannel<Heard>('jolvet-outbox', (heard) => void outbox.hear(heard))
  const outbox: Outbox = new Outbox({
    store: browserCommands,
    send: async (command) => {
      await before(command)
      return sendCommand(command)
    },
    async whatMayGo() {
      const kept = await unbegunJobs()
      return (command) => {
        const job = jobOf(command)
        return job === null || !(kept.has(job) || unbegunHere.has(job))
      }
    },
    alone: (work) => underLock('jolvet-outbox', work),
    pause: (tries) =>
      new Promise((resolve) => setTimeout(resolve, Math.min(firstPause * 2 ** (tries - 1), longestPause))),
    tellOthers: (heard) => channel.post(heard),
    onState,
    onAnswer: (command, answer) => onAnswer(command.changes, command, answer),
  })
  return outbox
}
