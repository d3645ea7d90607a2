import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { entriesSchema, entryProblems, entrySchema, type Entry } from './entry'
import { jointsDone } from './joints-done'
import { provenJoints } from './proven'
import { effectiveEntries } from './effective'
import { plannedFigures } from './plan-changes'
import { changedSince, siteState } from './site-state'
import { secondsAt, timeKey } from './time-key'

const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'cap:e'],
  ],
})
const plan = planJob(job, catalogue)
let count = 0
const entry = (kind: string, minute: number, more: Partial<Entry> = {}): Entry => ({
  id: `entry-${String(++count).padStart(4, '0')}`,
  kind,
  subject: { joint: 'r1/a/l1' },
  at: `2026-05-04T10:${String(minute).padStart(2, '0')}:00Z`,
  by: 'I. Marl',
  jobVersion: 1,
  body: {},
  ...more,
})
const made = (minute: number, more: Partial<Entry> = {}) =>
  entry('joint-made', minute, { body: { insertion: 15.4, method: 'solder' }, ...more })

const doneOf = (entries: readonly Entry[]) => {
  const state = siteState(plan, entries)
  return jointsDone(plan, state, provenJoints(job, plan, state))
}

describe('what entries add up to', () => {
  it('a joint made and inspected; undone, it is neither; made anew, it is looked at anew', () => {
    const sound = entry('joint-inspected', 2, { body: { sound: true } })
    const of = (...entries: Entry[]) => siteState(plan, entries).joints['r1/a/l1']!
    expect(of(made(1), sound)).toMatchObject({ made: { by: 'I. Marl' }, inspected: { sound: true }, changed: null })
    expect(of(made(1), sound, entry('joint-undone', 3))).toMatchObject({ made: null, inspected: null })
    expect(of(made(1), sound, made(4))).toMatchObject({ made: { at: '2026-05-04T10:04:00Z' }, inspected: null })
    expect(doneOf([made(1), sound])).toEqual({
      made: 1,
      inspected: 1,
      all: 3,
      unproven: 3,
      handedOver: false,
    })
    // Of tests the one that was begun last counts; one of which nobody wrote that it was begun is none.
    const test = (id: string, minute: number, verdict?: string) => [
      entry('test-begun', minute, { subject: { test: id }, body: { profile: 'en806-a', design: 6, medium: 'water' } }),
      ...(verdict
        ? [entry('test-ended', minute + 1, { subject: { test: id }, body: { verdict, passes: verdict === 'tight' } })]
        : []),
    ]
    const told = (...entries: Entry[]) => doneOf(entries).tested
    const stray = entry('reading', 9, { subject: { test: 't9' }, body: { seconds: 0, bar: 6 } })
    expect(told(stray)).toBeUndefined()
    expect(told(...test('t2', 5, 'tight'), ...test('t1', 1, 'leak'), stray)).toBe('ended')
    expect(told(...test('t1', 1, 'leak'), ...test('t2', 5))).toBe('running')
    expect(told(...test('t3', 9, 'leak'), ...test('t1', 1, 'tight'), ...test('t2', 5, 'tight'))).toBe('leak')
  })

  it('counts nothing under a name that nobody gave: notes are no joints, readings no parts', () => {
    const note = entry('note', 1, { subject: {}, body: { text: 'a word' } })
    const reading = entry('reading', 2, { subject: { test: 't1' }, body: { seconds: 0, bar: 6 } })
    const state = siteState(plan, [note, reading, entry('filled', 3, { subject: {}, body: { litres: 2 } })])
    expect(Object.keys(state.joints)).toEqual(plan.joints.map(({ id }) => id))
    // A word about a joint or a test is neither a photo of the one nor a check of the other.
    const about = siteState(plan, [
      entry('note', 4, { body: { text: 'tight corner' } }),
      entry('note', 5, { subject: { test: 't1' }, body: { text: 'new gauge' } }),
    ])
    expect([about.joints['r1/a/l1']!.photos, about.tests]).toEqual([[], {}])
    expect([state.parts, Object.keys(state.tests), state.water.length, state.notes.length]).toEqual([[], ['t1'], 1, 1])
  })

  it('keeps with a test its stroke of the pump and what was checked for its leak, and how often a joint was made', () => {
    const subject = { test: 't1' }
    const state = siteState(plan, [
      made(1),
      entry('joint-undone', 2),
      made(3),
      entry('pumped', 4, { subject, body: { litres: 0.05, from: 1, to: 6 } }),
      entry('leak-check', 5, { subject, body: { check: 'look', at: 'r1/a/l1', result: 'dry' } }),
    ])
    expect(state.joints['r1/a/l1']!.timesMade).toBe(2)
    expect(state.tests.t1).toMatchObject({
      pumped: { litres: 0.05, from: 1, to: 6 },
      checks: [{ body: { check: 'look', at: 'r1/a/l1', result: 'dry' } }],
    })
  })

  it('tells whether anything was written, or the job changed, since it was handed over', () => {
    const handed = entry('handed-over', 10, { subject: {}, jobVersion: 4 })
    expect(changedSince(handed, [made(1), handed], 4)).toBe(false)
    expect(changedSince(handed, [made(1), handed, made(11)], 4)).toBe(true)
    expect(changedSince(handed, [handed], 5)).toBe(true)
    // What was written in the moment of handing over was there when it was signed.
    expect(changedSince(handed, [made(10), handed], 4)).toBe(false)
  })

  it('tells by what the plan has changed since it was made', () => {
    const early = made(1, { body: { insertion: 17, method: 'press-metal' } })
    expect(siteState(plan, [early]).joints['r1/a/l1']!.changed).toEqual([
      { what: 'insertion', made: 17, planned: 15.4 },
      { what: 'method', made: 'press-metal', planned: 'solder' },
    ])
    // The fitting too, and the piece by more than its tolerance.
    const cut = plan.pieces.find(({ id }) => id === plan.joints[0]!.piece)!
    const same = { insertion: 15.4, fitting: plannedFigures(plan)('r1/a/l1')!.figures.fitting, cut: cut.cut }
    const of = (body: Entry['body']) => siteState(plan, [made(1, { body })]).joints['r1/a/l1']!.changed
    expect(of(same)).toBeNull()
    expect(of({ ...same, cut: cut.cut! + cut.tolerance! })).toBeNull()
    expect(of({ ...same, fitting: '15 press elbow 90', cut: cut.cut! - cut.tolerance! - 1 })).toEqual([
      { what: 'fitting', made: '15 press elbow 90', planned: same.fitting },
      { what: 'cut', made: cut.cut! - cut.tolerance! - 1, planned: cut.cut },
    ])
    // Of a joint that is planned no more nothing is compared, and it is not lost.
    const gone = siteState(plan, [made(1, { subject: { joint: 'r1/z/l9' } })])
    expect(gone.joints['r1/z/l9']).toMatchObject({ made: { by: 'I. Marl' }, changed: null })
  })

  it('a correction gives another body or takes an entry out, and can be corrected itself', () => {
    const first = made(1, { body: { insertion: 12 } })
    const right = entry('correction', 2, { subject: {}, replaces: first.id, body: { body: { insertion: 15.4 } } })
    const out = entry('correction', 3, { subject: {}, replaces: first.id, body: { withdrawn: true } })
    const back = entry('correction', 4, { subject: {}, replaces: out.id, body: { withdrawn: true } })
    const of = (...entries: Entry[]) => siteState(plan, entries).joints['r1/a/l1']!.made?.body.insertion
    expect([of(first), of(first, right), of(first, right, out)]).toEqual([12, 15.4, undefined])
    expect(of(first, out, back)).toBe(12)
    expect(effectiveEntries([first, right, out, back]).map(({ kind }) => kind)).toEqual(['joint-made'])
  })

  it('what was not told of a joint is no change of it', () => {
    const of = (body: Entry['body']) => siteState(plan, [entry('joint-made', 1, { body })]).joints['r1/a/l1']!.changed
    expect(of({})).toBeNull()
    expect(of({ insertion: null })).toBeNull()
  })

  it('an undoing or an inspection that names its making holds for that one, whatever the clocks say', () => {
    const of = (...entries: Entry[]) => siteState(plan, entries).joints['r1/a/l1']!
    const first = made(10)
    // Undone on a phone that is nine minutes slow, inspected on one that is nine minutes fast.
    const undone = entry('joint-undone', 1, { body: { of: first.id } })
    const sound = entry('joint-inspected', 19, { body: { sound: true, of: first.id } })
    expect(of(first, undone)).toMatchObject({ made: null, inspected: null })
    const second = made(12)
    expect(of(first, undone, second, sound)).toMatchObject({
      made: { entry: second.id },
      inspected: null,
      timesMade: 2,
    })
    expect(of(first, sound)).toMatchObject({ inspected: { sound: true } })
    expect(of(first, entry('joint-inspected', 19, { body: { sound: true, of: 'no-such-entry' } })).inspected).toBeNull()
    expect(of(first, undone, second).makings.map((making) => making.entry)).toEqual([first.id, second.id])
  })

  it('what was seen later is added to the making, without making it again', () => {
    const of = (...entries: Entry[]) => siteState(plan, entries).joints['r1/a/l1']!.made!.body
    const first = made(10, { body: { insertion: 15.4, gauge: 'does not go' } })
    const later = entry('joint-evidence', 5, { body: { of: first.id, markSeen: true, gauge: 'goes' } })
    expect(of(first, later)).toEqual({ insertion: 15.4, markSeen: true, gauge: 'goes' })
    expect(of(first, entry('joint-evidence', 11, { body: { turns: 1 } }))).toMatchObject({ turns: 1 })
    expect(siteState(plan, [first, later]).joints['r1/a/l1']!.timesMade).toBe(1)
  })

  it('a correction whose body is none of that kind holds for nothing', () => {
    const covered = entry('covered', 1, { subject: {}, body: { where: 'bath wall' } })
    const wrong = entry('correction', 2, { subject: {}, replaces: covered.id, body: { body: { where: 7 } } })
    expect(siteState(plan, [covered, wrong]).covered[0]!.body).toEqual({ where: 'bath wall', joints: [] })
  })

  it('an insert that was ticked in is used, where inserts are counted', () => {
    const pushed = sampleJob({
      pipe: pipeId('BS 7291', '22'),
      method: 'push-fit',
      legs: [['cap:s', 'east', 1000, 'cap:e']],
    })
    const its = planJob(pushed, catalogue)
    const ticked = its.joints.map(({ id }) => made(1, { subject: { joint: id }, body: { insert: true } }))
    const issued = entry('part-issued', 2, { subject: {}, body: { label: '22 insert', count: 3 } })
    expect(siteState(its, [...ticked, issued]).parts).toEqual([
      { item: '22 insert', label: '22 insert', issued: 3, used: 2, left: 0, missing: 1 },
    ])
    expect(siteState(its, ticked).parts).toEqual([])
  })

  it('what is counted goes by its item, whatever it was called; an entry without one by what is called so in the plan', () => {
    const [elbow] = plan.fittings
    const of = (n: number, body: Record<string, unknown>) => entry('part-issued', n, { subject: {}, body })
    const { parts } = siteState(plan, [
      of(1, { item: elbow!.item, label: 'its name of last year', count: 2 }),
      of(2, { label: elbow!.label, count: 3 }),
      of(3, { label: 'a thing in no list', count: 1 }),
    ])
    expect(parts.map(({ item, issued }) => [item, issued])).toEqual([
      [elbow!.item, 5],
      ['a thing in no list', 1],
    ])
  })

  it('inserts that nobody can account for are counted', () => {
    const inserts = (kind: string, n: number) => entry(kind, n, { subject: {}, body: { label: '16 insert', count: n } })
    const { parts } = siteState(plan, [inserts('part-issued', 10), inserts('part-used', 7), inserts('part-left', 2)])
    expect(parts).toEqual([{ item: '16 insert', label: '16 insert', issued: 10, used: 7, left: 2, missing: 1 }])
  })

  it('keeps tests with their readings in order, cuts, fixings, water, photos, what is covered', () => {
    const subject = { test: 'test-1' }
    const read = (seconds: number) => entry('reading', 20 - seconds / 10, { subject, body: { seconds, bar: 6 } })
    const state = siteState(plan, [
      entry('test-begun', 1, { subject, body: { profile: 'en806-a', design: 6, medium: 'water' } }),
      read(10),
      read(0),
      entry('test-ended', 30, { subject, body: { verdict: 'tight', passes: true } }),
      entry('pipe-cut', 2, { subject: { leg: 'l1' }, body: { mm: 985.5 } }),
      entry('fixing-placed', 3, { subject: { leg: 'l1' }, body: { count: 2 } }),
      entry('fixing-placed', 4, { subject: { leg: 'l1' }, body: { count: 1 } }),
      entry('filled', 5, { subject: {}, body: { litres: 3 } }),
      entry('photo', 6, { body: { sha: 'a'.repeat(64) } }),
      entry('handed-over', 9, { subject: {} }),
    ])
    expect(state.tests['test-1']!.readings.map(({ seconds }) => seconds)).toEqual([0, 10])
    expect(state.tests['test-1']!.ended!.body.verdict).toBe('tight')
    expect(state.cuts).toEqual({ l1: { mm: 985.5, by: 'I. Marl', at: '2026-05-04T10:02:00Z' } })
    expect(state.fixings).toEqual({ l1: 3 })
    expect(state.water.map(({ kind }) => kind)).toEqual(['filled'])
    expect(state.joints['r1/a/l1']!.photos).toEqual(['a'.repeat(64)])
    expect(state.handedOver!.by).toBe('I. Marl')
  })

  it('is one state however often they come, and goes by the order in which they were taken, not by their clocks', () => {
    const any = fc.record({
      kind: fc.constantFrom('joint-made', 'joint-inspected', 'joint-undone'),
      joint: fc.constantFrom('r1/a/l1', 'r1/a/l2', 'r1/e/l2'),
      minute: fc.integer({ min: 0, max: 9 }),
    })
    fc.assert(
      fc.property(fc.array(any, { maxLength: 20 }), fc.func(fc.integer()), (some, rank) => {
        const entries = some.map(({ kind, joint, minute }, at) =>
          entry(kind, minute, { id: `same-${String(at).padStart(4, '0')}`, subject: { joint }, body: { sound: true } }),
        )
        const mixed = [...entries, ...entries.toSorted((a, b) => rank(a.id) - rank(b.id))]
        expect(siteState(plan, mixed)).toEqual(siteState(plan, entries))
        const holds = (of: readonly Entry[]) =>
          Object.values(siteState(plan, of).joints).map(({ made, inspected }) => [made?.entry, inspected?.entry])
        const otherClocks = entries.map((of) => ({
          ...of,
          at: `2026-05-04T10:${10 + (Math.abs(rank(of.id)) % 50)}:00Z`,
        }))
        expect(holds(otherClocks)).toEqual(holds(entries))
        for (const { id } of plan.joints) {
          const own = entries.filter(({ subject }) => subject.joint === id)
          const isMade = (kind: string) => own.some((of) => of.kind === kind)
          if (isMade('joint-made') && !isMade('joint-undone'))
            expect(siteState(plan, mixed).joints[id]!.made).not.toBeNull()
        }
      }),
    )
  })
})

describe('an entry', () => {
  const problems = (of: Partial<Entry>) =>
    entryProblems({ ...made(1), ...of }, 'entries.0').map(({ field, problem }) => `${field}: ${problem}`)

  it('names its subject, its figures within bounds, and why it corrects', () => {
    expect(problems({})).toEqual([])
    expect(problems({ kind: 'welded' })[0]).toContain(
      'entries.0.kind: one of joint-made, joint-evidence, joint-inspected',
    )
    expect(problems({ subject: {} })).toEqual(['entries.0.subject.joint: the joint that it is about'])
    expect(problems({ kind: 'reading', subject: { test: 't' }, body: { seconds: 0, bar: -1 } })).toEqual([
      'entries.0.body.bar: bar above the air’s, 0 to 100',
    ])
    expect(problems({ kind: 'correction', subject: {}, body: { withdrawn: true } })).toEqual([
      'entries.0.replaces: the id of the entry that it corrects',
      'entries.0.why: why it is corrected',
    ])
    const corrected = {
      kind: 'correction',
      subject: {},
      body: { withdrawn: true },
      replaces: 'entry-0001',
      why: 'twice',
    }
    expect(problems(corrected)).toEqual([])
    const stroke = (from: number, to: number) =>
      problems({ kind: 'pumped', subject: { test: 't' }, body: { litres: 0.05, from, to } })
    const looked = (check: string, result: string) =>
      problems({ kind: 'leak-check', subject: { test: 't' }, body: { check, at: 'r1/a/l1', result } })
    const ofResult = ['entries.0.body.result: before, beyond, both or neither of a valve; dry or leaks of all else']
    expect([looked('look', 'dry'), looked('valve', 'before'), looked('valve', 'beyond')]).toEqual([[], [], []])
    expect([looked('look', 'before'), looked('look', 'beyond'), looked('valve', 'dry')]).toEqual([
      ofResult,
      ofResult,
      ofResult,
    ])
    const measured = (figures: Entry['body']) =>
      problems({ kind: 'outlet-measured', subject: {}, body: { at: 'r1/e', where: 'outlet', ...figures } })
    expect(measured({ staticBar: 3, runningBar: 3 })).toEqual([])
    expect(measured({ seconds: 20 })).toEqual([
      'entries.0.body.litresPerMinute: what was measured: a pressure, a flow, or degrees',
    ])
    expect(measured({ staticBar: 3, runningBar: 3.1 })).toEqual([
      'entries.0.body.runningBar: at most what stands there with nothing running',
    ])
    expect([stroke(1, 6), stroke(6, 1), stroke(3, 3)]).toEqual([
      [],
      ['entries.0.body.to: more than `from`'],
      ['entries.0.body.to: more than `from`'],
    ])
  })

  it('has an id, a writer, and a time in UTC', () => {
    const { at: _, ...rest } = made(1)
    const fails = (of: object) => entrySchema.safeParse({ ...rest, at: '2026-05-04T10:00:00Z', ...of }).success
    expect([fails({}), fails({ at: 'yesterday' }), fails({ by: ' ' }), fails({ id: 'short' })]).toEqual([
      true,
      false,
      false,
      false,
    ])
    expect(entriesSchema.safeParse({ entries: [] }).success).toBe(false)
    expect(timeKey('2026-05-04T10:30:00Z') < timeKey('2026-05-04T10:30:00.5Z')).toBe(true)
    expect(timeKey('2026-05-04T10:30:00.25Z') < timeKey('2026-05-04T10:30:00.3Z')).toBe(true)
    expect(secondsAt('2026-05-04T10:30:00.25Z')).toBe(Date.parse('2026-05-04T10:30:00.25Z') / 1000)
    expect(secondsAt('2024-02-29T23:59:59Z')).toBe(Date.parse('2024-02-29T23:59:59Z') / 1000)
  })
})
