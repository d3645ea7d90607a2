import { fixed, messagesOf, sentence } from '../quantity/message'

const countOf = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`

/** What a record lacks before it can be handed over. */
export const recordSentences = {
  id: 'record',
  messages: {
    'no joints': fixed('nothing is planned yet: draw a run'),
    unmade: sentence({ count: 3 }, ({ count }) => `${countOf(count, 'joint')} not made, or not ticked`),
    uninspected: sentence({ count: 2 }, ({ count }) => `${countOf(count, 'joint')} made and not looked at`),
    unsound: sentence({ count: 1 }, ({ count }) => `${countOf(count, 'joint')} looked at and not sound`),
    changed: sentence(
      { count: 1 },
      ({ count }) => `${countOf(count, 'joint')} made to other figures than are planned now`,
    ),
    'no gauge': sentence({ count: 2 }, ({ count }) => `${countOf(count, 'crimped joint')} without a gauge’s result`),
    'no test': fixed('no test under pressure was ended'),
    leaks: fixed('the last test under pressure found a leak'),
    undecided: fixed('the last test under pressure was ended undecided'),
    'not flushed': fixed('it is not written down that it was flushed'),
    covered: sentence(
      { where: 'bath wall' },
      ({ where }) => `${where}: covered before its joints were looked at or tested`,
    ),
    inserts: sentence({ label: '16 insert', missing: 1 }, ({ label, missing }) =>
      missing > 0
        ? `${missing} × ${label} issued, and neither used nor left: one may be missing in a joint`
        : `${-missing} × ${label} more used and left than issued`,
    ),
  },
} as const
export const recordSays = messagesOf(recordSentences)
