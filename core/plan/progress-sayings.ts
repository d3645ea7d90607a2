import { fixed, messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'

/** What is to be done next in a step of the work. */
export const progressSentences = {
  id: 'progress',
  messages: {
    look: fixed('identify the pipe that is there'),
    identify: sentence({ name: 'Main in the cupboard' }, ({ name }) => `identify “${name}”`),
    join: fixed('choose the fittings from existing to new pipe'),
    fittings: sentence({ run: 'Prep sink' }, ({ run }) => `choose the tie-in fittings of “${run}”`),
    refused: fixed('a joint is not allowed: see why'),
    draw: fixed('draw the run'),
    check: sentence<{ readonly where: string; readonly check: Message }>(
      { where: 'Prep sink, tee', check: { rule: 'open-end', message: 'open', values: { meeting: 2, wanted: 3 } } },
      ({ where, check }, say) => `${where}: ${say.tell(check)}`,
    ),
    reserved: sentence({ count: 2, all: 7 }, ({ count, all }) => `${count} of ${all} joints have a caution`),
    left: sentence({ left: 3, all: 7 }, ({ left, all }) => `${left} of ${all} joints still to make`),
    inspect: sentence({ joints: 2 }, ({ joints }) => `inspect ${joints === 1 ? '1 joint' : `${joints} joints`}`),
    test: fixed('start the pressure test'),
    'hand over': fixed('hand over'),
    leaks: fixed('the last test found a leak: find it, repair it, test again'),
    testing: fixed('keep reading the gauge until the test is decided'),
    unproven: sentence(
      { joints: 3 },
      ({ joints }) => `${joints === 1 ? '1 joint is' : `${joints} joints are`} not pressure tested yet: test again`,
    ),
    make: sentence({ joints: 7 }, ({ joints }) => `make ${joints === 1 ? '1 joint' : `${joints} joints`}`),
  },
} as const

export const todo = messagesOf(progressSentences)
