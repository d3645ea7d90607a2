import { expect, it } from 'vitest'
import type { BodyOf, EntryOf, KindId } from '../log/known-entry'
import { speakerIn } from '../speech'
import { doneLine, doneOf, endedLine, photoLine, toolLine } from './lines'

const say = speakerIn('metric')
const entry = <Kind extends KindId>(kind: Kind, body: BodyOf<Kind>, at = '2026-05-04T10:00:00Z') =>
  ({ id: `${kind} ${at}`, kind, subject: { test: 't' }, at, by: 'I. Marl', jobVersion: 1, body }) as EntryOf<Kind>

it('what was done is told with what was said of it, in its order', () => {
  const done = doneOf({
    water: [
      entry('dosed', { with: 'inhibitor', litres: 1 }, '2026-05-04T12:00:00Z'),
      entry('isolated', { where: 'yard', litres: 8 }),
    ],
    covered: [entry('covered', { where: 'stud wall', joints: [], why: 'seen by the owner' }, '2026-05-04T13:00:00Z')],
    notes: [entry('note', { text: 'the valve sticks' }, '2026-05-04T11:00:00Z')],
  })
  expect(done.map((of) => doneLine(of, say))).toEqual([
    `Isolated and drained, yard, ${say.volume(8)}`,
    'the valve sticks',
    `Dosed with inhibitor, ${say.volume(1)}`,
    'Closed in, stud wall, seen by the owner',
  ])
})

it('a test that was ended is told with one full stop, whoever wrote one', () => {
  expect(endedLine(entry('test-ended', { verdict: 'leak', passes: false }))).toBe('leaking.')
  const watched = entry('test-ended', { verdict: 'tight', passes: true, witness: 'B. Fell' })
  expect(endedLine(watched)).toBe('tight. Witnessed by B. Fell.')
  for (const why of ['PEX gives', 'PEX gives.', 'PEX gives. '])
    expect(endedLine(entry('test-ended', { verdict: 'tight', passes: false, why }))).toBe(
      'tight. Accepted all the same: PEX gives.',
    )
})

it('a photo is told by its joint and its caption; a tool with the check that was due', () => {
  const photo = (joint?: string) => ({
    ...entry('photo', { sha: '0'.repeat(64), caption: 'the tee', beforeCovering: true }),
    subject: joint === undefined ? {} : { joint },
  })
  const numbers = new Map([['j', 3]])
  expect([photo(), photo('j'), photo('gone')].map((of) => photoLine(of, numbers))).toEqual([
    'the tee, before covering',
    'joint 3, the tee, before covering',
    'joint that is planned no more, the tee, before covering',
  ])
  const made = (body: BodyOf<'joint-made'>) => ({ entry: 'e', by: 'I. Marl', at: '2026-05-04T10:00:00Z', body })
  expect([made({}), made({ tool: 'press 2' }), made({ tool: 'press 2', toolDue: '2026-05-03' })].map(toolLine)).toEqual(
    ['', 'press 2', 'press 2 whose check was due on 2026-05-03'],
  )
})
