import { fixed, messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'

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
    reserved: sentence({ count: 2, all: 7 }, ({ count, all }) => `${count} of ${all} joints have a caution`),
    left: sentence({ left: 3, all: 7 }, ({ left, all }) => `${left} of ${all} joints are still to be made`),
    inspect: sentence({ joints: 2 }, ({ joints }) => `look at ${joints} joints that are made`),
    test: fixed('prove it: begin a test under pressure'),
    'hand over': fixed('hand it over'),
    leaks: fixed('the last test found a leak: find it, mend it, test again'),
    testing: fixed('read the gauge on until the test is decided'),
    unproven: sentence(
      { joints: 3 },
      ({ joints }) => `${joints === 1 ? '1 joint is' : `${joints} joints are`} not pressure tested yet: test again`,
    ),
    make: sentence({ joints: 7 }, ({ joints }) => `make ${joints} joints`),
  },
} as const

export const todo = messagesOf(progressSentences)
