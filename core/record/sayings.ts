import { evidenceWords, type EvidenceId } from '../log/evidence'
import type { TestFault } from '../log/proven'
import { formatClock } from '../quantity/words/format-duration'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** Joints by their numbers: `joint 3`, `joints 3, 7 to 9`. */
const named = (count: number, joints: string): string => `joint${count === 1 ? '' : 's'} ${joints}`

/** What a test lacks, behind the joints that it was to prove. */
const faultWords: Readonly<Record<TestFault, string>> = {
  'not tested': 'not pressure tested',
  'made since': 'made again since the test: test again',
  unmade: 'in a part that was tested with joints not made',
  'open end': 'in a part with an open end: cap it, then test again',
  leak: 'in a part that leaked in its last test',
  inflow: 'in a part that was fed while it was tested: shut it off, then test again',
  weeps: 'in a part that weeps, and nobody signed for it with a reason',
  'too few': 'tested with too few readings: at least five, over three minutes',
  'too early': 'in a test that was ended before its time',
  'ahead of time': 'tested with readings dated later than they were taken',
  simulated: 'tested with simulated readings',
  'not looked twice': 'not inspected twice under pressure, minutes apart',
  fails: 'in a test that fails by the standard, and nobody signed for it with a reason',
  undecided: 'in a test that was ended undecided',
}

/** What a record lacks before it can be handed over. */
export const recordSentences = {
  id: 'record',
  messages: {
    'not opened again': sentence(
      { what: 'safety valve' },
      ({ what }) => `shut off, plugged or taken off for a test, and not opened again: ${what}`,
    ),
    'no joints': fixed('nothing planned yet: draw a run'),
    unmade: sentence({ count: 3, joints: '2 to 4' }, ({ count, joints }) => `${named(count, joints)} not made`),
    uninspected: sentence(
      { count: 2, joints: '2, 4' },
      ({ count, joints }) => `${named(count, joints)} made and not inspected`,
    ),
    unsound: sentence({ count: 1, joints: '2' }, ({ count, joints }) => `${named(count, joints)} inspected: not OK`),
    changed: sentence(
      { count: 1, joints: '2' },
      ({ count, joints }) => `${named(count, joints)} made to other figures than the plan has now`,
    ),
    'gauge refuses': sentence(
      { count: 1, joints: '2' },
      ({ count, joints }) => `${named(count, joints)}: gauge not OK`,
    ),
    evidence: sentence(
      { count: 2, joints: '1, 2', evidence: 'gauge' as EvidenceId },
      ({ count, joints, evidence }) => `${named(count, joints)}: ${evidenceWords[evidence].missing}`,
    ),
    proof: sentence(
      { count: 3, joints: '1 to 3', fault: 'not tested' as TestFault },
      ({ count, joints, fault }) => `${named(count, joints)} ${faultWords[fault]}`,
    ),
    covered: sentence(
      { where: 'bath wall' },
      ({ where }) => `${where}: closed in before its joints were inspected or tested`,
    ),
    inserts: sentence({ label: '16 insert', missing: 1 }, ({ label, missing }) =>
      missing > 0
        ? `${missing} × ${label} issued, and neither used nor left: one may be missing in a joint`
        : `${-missing} × ${label} more used and left than issued`,
    ),
    'readings simulated': fixed('readings are simulated'),
    'readings from file': fixed('readings come from a file'),
    'readings together': sentence(
      { span: 900, within: 3 },
      ({ span, within }) =>
        `readings span ${formatClock(span)} and came within ${formatClock(within)}: from a file, or kept without a signal; their times are the phone’s`,
    ),
    'clock off': sentence(
      { seconds: 660, isAhead: true },
      ({ seconds, isAhead }) =>
        `the phone’s clock was ${formatClock(seconds)} ${isAhead ? 'fast' : 'slow'}: times corrected by the server’s`,
    ),
  },
} as const
export const recordSays = messagesOf(recordSentences)
