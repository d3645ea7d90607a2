import { fixed, messagesOf, sentence, type Message } from './quantity/message'

/** What is to be done next in a step of the work. */
export const progressSentences = {
  id: 'progress',
  messages: {
    look: fixed('look at the pipe that is there'),
    identify: sentence({ name: 'Main in the cupboard' }, ({ name }) => `tell what “${name}” is`),
    join: fixed('choose what joins old to new'),
    fittings: sentence({ run: 'Prep sink' }, ({ run }) => `choose the fittings of the tie-in in “${run}”`),
    refused: fixed('a joint is refused: see why'),
    draw: fixed('draw the run'),
    check: sentence<{ readonly where: string; readonly check: Message }>(
      { where: 'Prep sink, tee', check: { rule: 'open-end', message: 'open', values: { meeting: 2, wanted: 3 } } },
      ({ where, check }, say) => `${where}: ${say.tell(check)}`,
    ),
    reserved: sentence({ count: 2, all: 7 }, ({ count, all }) => `${count} of ${all} joints have a reservation`),
    make: sentence({ joints: 7 }, ({ joints }) => `make ${joints} joints`),
  },
} as const

export const todo = messagesOf(progressSentences)
