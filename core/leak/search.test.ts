import fc from 'fast-check'
import { describe, expect, inject, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { CheckResult } from '../log/leak-check'
import type { Entry } from '../log/entry'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { randomStream } from '../quantity/random-stream'
import { lineWithValves, pipeId, sampleJob, withCopy } from '../sample-run'
import { said } from '../said'
import { fallByLeak, secondsOf, valveSeconds } from './checks'
import { leakSearch } from './search'
import { drawLeak, secondsBySearch, secondsInOrder } from './simulated-search'
import { suspectsOf, type Suspect } from './suspects'
import { valveSides, type ValveSides } from './valve-sides'

const copper15 = pipeId('EN 1057', '15', 0.7)
const job = sampleJob({
  pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
  method: 'crimp',
  legs: [
    ['cap:s', 'east', 1000, 'valve:v'],
    ['valve:v', 'east', 2000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'outlet:e'],
  ],
})
const plan = planJob(job, catalogue)
let count = 0
const entry = (kind: string, minute: number, more: Partial<Entry>): Entry => ({
  id: `entry-${++count}-long`,
  kind,
  subject: {},
  at: `2026-05-04T10:${String(minute).padStart(2, '0')}:00Z`,
  by: 'I. Marl',
  jobVersion: 1,
  body: {},
  ...more,
})
const made = (joint: string, body: Entry['body'] = { gauge: 'goes', markSeen: true }) =>
  entry('joint-made', 1, { subject: { joint }, body })
const ids = plan.joints.map(({ id }) => id)
const suspects = (entries: Entry[]) => suspectsOf(job, plan, siteState(plan, entries))
const plain = (id: string, weight: number, more: Partial<Suspect> = {}): Suspect => ({
  id,
  joint: id,
  run: 'r',
  leg: null,
  node: null,
  weight,
  isHidden: false,
  length: 0,
  why: [],
  ...more,
})
it('a joint that was refused, and one on an end from the factory, are looked at for it', () => {
  const refused = {
    ...plan,
    joints: plan.joints.map((joint, at) => (at === 0 ? { ...joint, verdict: 'refuse' as const } : joint)),
  }
  const [first, second] = [ids[0]!, ids[1]!]
  const entries = ids.map((id) => made(id))
  const all = suspectsOf(job, refused, siteState(refused, entries))
  const plainly = suspects(entries)
  expect(all.find(({ joint }) => joint === first)!.weight).toBeGreaterThan(
    plainly.find(({ joint }) => joint === first)!.weight,
  )
  expect(all.find(({ joint }) => joint === second)!.weight).toBe(plainly.find(({ joint }) => joint === second)!.weight)
  const factory = { ...job, runs: job.runs.map((run) => ({ ...run, condition: { factoryEnd: true } })) }
  const ends = suspectsOf(factory, plan, siteState(plan, entries))
  expect(ends.find(({ joint }) => joint === second)!.weight).not.toBe(
    plainly.find(({ joint }) => joint === second)!.weight,
  )
})

/** A valve in a line of suspects, with all from this one on beyond it. */
const valveBefore = (line: readonly Suspect[], first: number): ValveSides => ({
  id: `r/v${first}`,
  run: 'r',
  node: `v${first}`,
  beyond: new Set(line.slice(first).map(({ id }) => id)),
})
/** Where a valve takes ten minutes. */
const search = (...[of, valves, results]: [readonly Suspect[], readonly ValveSides[], readonly CheckResult[]]) =>
  leakSearch(of, valves, results, 600)
const dry = (check: CheckResult['check'], at: string): CheckResult => ({ check, at, result: 'dry' })

describe('what may leak', () => {
  it('is every joint by its method, and the pipe by its length', () => {
    const of = suspects(ids.map((id) => made(id)))
    expect(of.filter(({ joint }) => joint)).toHaveLength(ids.length)
    expect(of.filter(({ joint }) => joint).every(({ weight }) => weight === 1.5)).toBe(true)
    expect(of.find(({ id }) => id === 'leg/r1/l2')).toMatchObject({ weight: 0.1, length: 2000, isHidden: false })
  })

  it('is likelier where the log says why: not ticked, no gauge, mark not seen, made twice, not sound', () => {
    const first = (...entries: Entry[]) => {
      const { weight, why } = suspects(entries).find(({ id }) => id === ids[0])!
      return [weight, ...why.map((message) => said(message))]
    }
    expect(first()).toEqual([12, 'not ticked as made'])
    expect(first(made(ids[0]!, { markSeen: true }))).toEqual([4.5, 'no gauge’s result'])
    expect(first(made(ids[0]!, { markSeen: false, gauge: 'does not go' }))).toEqual([
      48,
      'its mark was not seen at the mouth',
      'the gauge did not go',
    ])
    expect(first(made(ids[0]!, { gauge: 'goes', insert: false }))).toEqual([6, 'its insert was not ticked'])
    expect(first(made(ids[0]!, { gauge: 'goes', insert: true }))).toEqual([1.5])
    expect(first(made(ids[0]!, { gauge: 'goes', uses: 2 }))).toEqual([4.5, 'a push-fit that was used before'])
    expect(first(made(ids[0]!, { gauge: 'goes', uses: 1 }))).toEqual([1.5])
    // Only a push-fit ring is turned.
    expect(first(made(ids[0]!, { gauge: 'goes', ringTurned: false }))).toEqual([1.5])
    const anew = [
      made(ids[0]!),
      entry('joint-undone', 2, { subject: { joint: ids[0] } }),
      { ...made(ids[0]!), at: '2026-05-04T10:03:00Z' },
    ]
    expect(first(...anew)).toEqual([3, 'made more than once'])
    const seen = (sound: boolean) =>
      first(made(ids[0]!), entry('joint-inspected', 2, { subject: { joint: ids[0] }, body: { sound } }))
    expect(seen(true)).toEqual([0.75])
    expect(seen(false)).toEqual([30, 'looked at and not sound'])
  })

  it('a push-fit is likelier whose ring was not turned', () => {
    const pushed = sampleJob({
      pipe: copper15,
      method: 'push-fit',
      legs: [['cap:s', 'east', 1000, 'outlet:e']],
    })
    const its = planJob(pushed, catalogue)
    const { id } = its.joints[0]!
    const weightOf = (ringTurned: boolean) =>
      suspectsOf(pushed, its, siteState(its, [made(id, { ringTurned })])).find(({ joint }) => joint === id)!
    expect(weightOf(false).weight).toBe(2 * weightOf(true).weight)
    expect(weightOf(false).why.map((message) => said(message))).toEqual(['its ring was not turned'])
    expect(weightOf(true).why).toEqual([])
  })

  it('behind what was covered cannot be looked at: it is listened for, or opened', () => {
    const covered = entry('covered', 5, { body: { where: 'stud wall', joints: [ids[0]] } })
    const of = suspects([...ids.map((id) => made(id)), covered])
    expect(of.filter(({ isHidden }) => isHidden).map(({ id }) => id)).toEqual([ids[0]])
    const only = of.filter(({ isHidden }) => isHidden)
    expect(search(only, [], []).next).toMatchObject({ check: 'listen', seconds: 120 })
    expect(search(only, [], [dry('listen', ids[0]!)]).next).toMatchObject({ check: 'open', seconds: 1800 })
  })
})

describe('the pipe itself', () => {
  const legs = (of: Suspect[]) => of.filter(({ joint }) => joint === null)
  const ticked = ids.map((id) => made(id))
  const coveringAll = (joints: string[]) => entry('covered', 6, { body: { where: 'stud wall', joints } })

  it('is hidden where the run is, once something was covered and every joint of it lies behind', () => {
    const concealed = { ...job, place: { concealed: true } }
    const hidden = (of: typeof job, ...entries: Entry[]) =>
      legs(suspectsOf(of, plan, siteState(plan, [...ticked, ...entries]))).map(({ isHidden }) => isHidden)
    expect(hidden(concealed, coveringAll(ids))).toEqual([true, true, true])
    expect(hidden(concealed, coveringAll(ids.slice(1)))).toEqual([false, false, false])
    expect(hidden(concealed)).toEqual([false, false, false])
    expect(hidden(job, coveringAll(ids))).toEqual([false, false, false])
    // What the run says of itself comes before what the job says.
    const open = { ...concealed, runs: [{ ...job.runs[0]!, place: { concealed: false } }] }
    expect(hidden(open, coveringAll(ids))).toEqual([false, false, false])
    // Pipe without a joint lies behind what is covered, and before anything is covered it does not.
    const drawn = sampleJob({ pipe: copper15, method: 'solder', legs: [['open:s', 'east', 900, 'open:e']] })
    const bare = { ...drawn, place: { concealed: true } }
    const ofBare = (entries: Entry[]) =>
      suspectsOf(bare, planJob(bare, catalogue), siteState(plan, entries)).map(({ id, isHidden }) => [id, isHidden])
    expect(ofBare([coveringAll(ids)])).toEqual([['leg/r1/l1', true]])
    expect(ofBare([])).toEqual([['leg/r1/l1', false]])
  })

  it('is not sought where it comes out, or leads on out of sight; a joint stands by its own leg and node', () => {
    const gone = job.legs.map((leg, at) =>
      at === 0
        ? { ...leg, state: 'comes out' as const }
        : at === 1
          ? { ...leg, state: 'existing' as const, length: null }
          : leg,
    )
    const changed = { ...job, legs: gone }
    expect(legs(suspectsOf(changed, plan, siteState(plan, []))).map(({ id }) => id)).toEqual(['leg/r1/l3'])
    expect(suspectsOf(job, plan, siteState(plan, [])).map(({ id }) => id)).toEqual([
      'r1/s/l1',
      'leg/r1/l1',
      'r1/v/l1',
      'r1/v/l2',
      'leg/r1/l2',
      'r1/a/l2',
      'r1/a/l3',
      'leg/r1/l3',
      'r1/e/l3',
    ])
  })

  it('a joint of existing pipe that nobody touched is a fifth as likely, one that was made anew is not', () => {
    const there = {
      ...job,
      legs: job.legs.map((leg) => (leg.id === 'l1' ? { ...leg, state: 'existing' as const } : leg)),
    }
    const of = planJob(there, catalogue)
    const weight = (entries: Entry[]) =>
      suspectsOf(there, of, siteState(of, entries)).find(({ joint }) => joint === 'r1/v/l1')!.weight
    // Crimped: 1.5.
    expect(weight([])).toBeCloseTo(0.3, 9)
    expect(weight([made('r1/v/l1')])).toBeCloseTo(1.5, 9)
  })

  it('of other runs than those under test is none of it', () => {
    const both = withCopy(job, 'r2')
    const of = (runs?: string[]) => suspectsOf(both, planJob(both, catalogue), siteState(plan, []), runs)
    expect(of().length).toBe(2 * of(['r2']).length)
    expect(of(['r2']).every(({ run }) => run === 'r2')).toBe(true)
  })
})

describe('what a valve parts', () => {
  it('beyond it lie its far joint, the legs and joints after it', () => {
    const of = suspects([])
    const [valve, ...others] = valveSides(job, of)
    expect(others).toEqual([])
    expect([...valve!.beyond].sort()).toEqual(
      [...ids.filter((id) => /\/(a|e)\/|\/v\/l2/.test(id)), 'leg/r1/l2', 'leg/r1/l3'].sort(),
    )
  })

  it('parts nothing of another run, which stays on the side where its own begins', () => {
    const both = withCopy(job, 'r2')
    const twice = {
      ...both,
      nodes: both.nodes.map((node) => (node.id === 'r2·v' ? { ...node, kind: 'coupling' as const } : node)),
    }
    const [valve, ...others] = valveSides(twice, suspectsOf(twice, planJob(twice, catalogue), siteState(plan, [])))
    expect(others).toEqual([])
    expect([...valve!.beyond].every((id) => id.startsWith('r1/') || id.startsWith('leg/r1/'))).toBe(true)
    const of = suspectsOf(both, planJob(both, catalogue), siteState(plan, []))
    const valves = valveSides(both, of)
    expect(valves.map(({ id }) => id)).toEqual(['r1/v', 'r2/v'])
    // Shut in one run, the valve of the other is neither shut nor told.
    const { places } = search(of, valves, [{ check: 'valve', at: 'r2/v', result: 'beyond' }])
    const chance = places
      .filter(({ suspect }) => valves[1]!.beyond.has(suspect.id))
      .reduce((sum, at) => sum + at.chance, 0)
    expect(chance).toBeGreaterThan(0.8)
  })

  it('is nothing where all that is sought lies beyond it, or where the run begins with it', () => {
    const of = suspects([])
    const [valve] = valveSides(job, of)
    expect(
      valveSides(
        job,
        of.filter(({ id }) => valve!.beyond.has(id)),
      ),
    ).toEqual([])
    const first = { ...job, nodes: [job.nodes[1]!, job.nodes[0]!, ...job.nodes.slice(2)] }
    expect(valveSides(first, suspectsOf(first, planJob(first, catalogue), siteState(plan, [])))).toEqual([])
  })

  it('and the joints between fittings there', () => {
    const street = '22 FTG × 22 solder street elbow 90'
    const drawn = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['cap:s', 'east', 500, 'valve:v'],
        ['valve:v', 'east', 900, 'tee:t'],
        ['tee:t', 'east', 400, 'cap:e'],
        ['tee:t', 'up', 1, 'elbow:b'],
        ['elbow:b', 'north', 300, 'cap:o'],
      ],
      nodes: { b: { fitting: street } },
    })
    const close = {
      ...drawn,
      legs: drawn.legs.map((leg) => (leg.id === 'l4' ? { ...leg, state: 'no pipe' as const } : leg)),
    }
    const of = suspectsOf(close, planJob(close, catalogue), siteState(planJob(close, catalogue), []))
    const [valve] = valveSides(close, of)
    expect(valve!.beyond.has('r1/t/l4')).toBe(true)
    // No pipe, nothing of it that could leak.
    expect(of.some(({ id }) => id === 'leg/r1/l4')).toBe(false)
    expect(valve!.beyond.has('r1/s/l1')).toBe(false)
  })

  it('is nothing in a ring', () => {
    const ring = {
      ...job,
      legs: [...job.legs, { ...job.legs[2]!, id: 'l4', from: 'e', to: 's' }],
    }
    expect(valveSides(ring, suspectsOf(ring, planJob(ring, catalogue), siteState(plan, [])))).toEqual([])
  })
})

describe('where it is', () => {
  const two = [plain('a', 3), plain('b', 1)]

  it('the likelier is looked at first; dry, it is less likely: 0.75 × 0.4 against 0.25', () => {
    expect(search(two, [], []).next).toMatchObject({ check: 'look', at: { id: 'a' }, seconds: 15 })
    const after = search(two, [], [dry('look', 'a')])
    expect(after.places[0]).toMatchObject({ suspect: { id: 'a' }, chance: expect.closeTo(0.3 / 0.55, 9) })
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'b' } })
    expect(search(two, [], [dry('look', 'a'), dry('look', 'b')]).next).toMatchObject({
      check: 'tissue',
      at: { id: 'a' },
    })
  })

  it('the seconds expected are those of the checks in turn, each by the chance that it is still sought', () => {
    // A look of 15 s, then tissues of 90 s: 15 + 0.4 × 90 + 0.02 × 90, and 0.001 is left.
    expect(search([plain('a', 1)], [], []).expected).toBeCloseTo(15 + 0.4 * 90 + 0.02 * 90, 6)
  })

  it('the surest check of a likelier place comes before the quick one of another: chance times what it sees, by its seconds', () => {
    // After a look in vain: 6 × 0.95 in 90 s against 1 × 0.6 in 15 s.
    const uneven = [plain('b', 1), plain('a', 15)]
    const { next, places } = search(uneven, [], [dry('look', 'a')])
    expect(next).toMatchObject({ check: 'tissue', at: { id: 'a' } })
    expect(places.map(({ suspect }) => suspect.id)).toEqual(['a', 'b'])
    expect(search([plain('b', 1), plain('a', 8)], [], [dry('look', 'a')]).next).toMatchObject({ check: 'look' })
  })

  it('of two valves the one that parts the more evenly is shut, whichever is named first', () => {
    const many = Array.from({ length: 80 }, (_, at) => plain(`j${at}`, 1))
    const from = (first: number) => valveBefore(many, first)
    for (const valves of [
      [from(20), from(40)],
      [from(40), from(20)],
    ])
      expect(search(many, valves, []).next).toMatchObject({ check: 'valve', valve: { node: 'v40' } })
  })

  it('of more valves than can be weighed those that part the most evenly are, wherever they were named', () => {
    const many = Array.from({ length: 160 }, (_, at) => plain(`j${at}`, 1))
    const from = (first: number) => valveBefore(many, first)
    // Fourteen at either end part off next to nothing; the one that halves it all stands between them.
    const ends = Array.from({ length: 14 }, (_, at) => [from(1 + at), from(159 - at)]).flat()
    const valves = [...ends.slice(0, 14), from(80), ...ends.slice(14)]
    expect(search(many, valves, []).next).toMatchObject({ check: 'valve', valve: { node: 'v80' } })
  })

  it('where it was seen, the search ends', () => {
    const found = search(two, [], [{ check: 'tissue', at: 'b', result: 'leaks' }])
    expect(found).toMatchObject({ found: { id: 'b' }, next: null, expected: 0 })
  })

  it('a valve is shut first where much lies on either side, and its result moves the chances: 0.95 to 0.05', () => {
    const many = Array.from({ length: 80 }, (_, at) => plain(`j${at}`, 1))
    const valve: ValveSides = { id: 'r/v', run: 'r', node: 'v', beyond: new Set(many.slice(40).map(({ id }) => id)) }
    expect(search(many, [valve], []).next).toMatchObject({ check: 'valve', seconds: 600 })
    const after = search(many, [valve], [{ check: 'valve', at: 'r/v', result: 'beyond' }])
    const beyond = after.places.filter(({ suspect }) => valve.beyond.has(suspect.id))
    expect(beyond.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(0.95, 9)
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'j40' } })
    // Of four joints, looking at all is sooner done.
    const few = many.slice(38, 42)
    expect(search(few, [valve], []).next).toMatchObject({ check: 'look' })
  })

  it('a valve that parts off next to nothing is not shut', () => {
    const many = Array.from({ length: 80 }, (_, at) => plain(`j${at}`, at === 79 ? 0.01 : 1))
    const off: ValveSides = { id: 'r/end', run: 'r', node: 'end', beyond: new Set(['j79']) }
    const half: ValveSides = {
      id: 'r/middle',
      run: 'r',
      node: 'middle',
      beyond: new Set(many.slice(0, 40).map(({ id }) => id)),
    }
    expect(search(many, [off], []).next).toMatchObject({ check: 'look' })
    expect(search(many, [off, half], []).next).toMatchObject({ check: 'valve', valve: { node: 'middle' } })
    // Shut once, it is not proposed again, and the search is expected to be shorter for it.
    const after = search(many, [half], [{ check: 'valve', at: 'r/middle', result: 'beyond' }])
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'j0' } })
    expect(after.expected).toBeLessThan(search(many, [], []).expected)
  })

  it('what was said of a valve or a place that is there no more is passed over', () => {
    const gone: CheckResult[] = [{ check: 'valve', at: 'gone', result: 'beyond' }, dry('look', 'gone')]
    expect(search(two, [], gone).places).toEqual(search(two, [], []).places)
  })

  it('chances add up to 1 whatever was found, and no check in vain raises its place', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.01, max: 50, noNaN: true }), { minLength: 2, maxLength: 12 }),
        fc.array(fc.tuple(fc.nat(11), fc.constantFrom('look', 'tissue')), { maxLength: 20 }),
        (weights, checks) => {
          const those = weights.map((weight, at) => plain(`j${at}`, weight))
          const results = checks
            .filter(([at]) => at < those.length)
            .map(([at, check]) => dry(check as 'look', `j${at}`))
          const { places } = search(those, [], results)
          expect(places.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9)
          const last = results.at(-1)
          if (!last) return
          const chanceAt = (of: typeof places) => of.find(({ suspect }) => suspect.id === last.at)!.chance
          expect(chanceAt(places)).toBeLessThanOrEqual(chanceAt(search(those, [], results.slice(0, -1)).places) + 1e-12)
        },
      ),
    ))

  it('nothing under test leaves nothing to seek', () =>
    expect(search([], [], [])).toEqual({ places: [], found: null, next: null, expected: 0 }))
})

describe('the seconds of a check', () => {
  it('a leg takes longer by its length, and so does a slow fall at a valve', () => {
    const pipe = plain('leg/r/l1', 1, { joint: null, length: 2000 })
    expect([secondsOf('look', pipe), secondsOf('tissue', pipe), secondsOf('look', plain('a', 1))]).toEqual([
      35, 210, 15,
    ])
    // 0.1 bar at 0.2 bar a minute: 30 s; one that does not fall is read for half an hour.
    expect([valveSeconds(0.2), valveSeconds(0)]).toEqual([120, 1890])
  })

  it('the fall by the leak alone, by the minute; nought where nothing is known', () => {
    const readings = [{ seconds: 60 }, { seconds: 100 }, { seconds: 660 }]
    const causes = [
      { cause: 'temperature', bar: 0.4 },
      { cause: 'leak', bar: -0.6 },
    ]
    expect(fallByLeak(causes, readings)).toBeCloseTo(0.06, 9)
    expect([fallByLeak([], readings), fallByLeak(causes, [{ seconds: 60 }]), fallByLeak(causes, [])]).toEqual([0, 0, 0])
  })
})

describe('simulated leaks', () => {
  it('round in order: a look at every place, then tissue, until it is seen where it is', () => {
    const three = ['a', 'b', 'c'].map((id) => plain(id, 1))
    // Seen at once, seen by the first tissue, never seen: three looks of 15 s, then four rounds of tissue of 90 s.
    expect(secondsInOrder(three, 'b', () => 0)).toBe(30)
    expect(secondsInOrder(three, 'b', () => 0.8)).toBe(45 + 180)
    expect(secondsInOrder(three, 'b', () => 0.999)).toBe(45 + 4 * 270)
  })

  it('by what the search says next, each check is counted until the leak is seen where it is', () => {
    const two = [plain('a', 3), plain('b', 1)]
    const after = (results: CheckResult[]) => leakSearch(two, [], results, 600).next!
    const first = after([])
    const second = after([dry(first.check as 'look', 'a')])
    expect('at' in second && second.at.id).toBe('b')
    expect(secondsBySearch(two, [], 'a', 600, () => 0)).toBe(first.seconds)
    expect(secondsBySearch(two, [], 'b', 600, () => 0)).toBe(first.seconds + second.seconds)
    // Not seen at the first look, it is looked for again.
    const once = [0.999]
    expect(secondsBySearch(two, [], 'a', 600, () => once.pop() ?? 0)).toBeGreaterThan(first.seconds)
  })

  it('a valve that shows the wrong side costs more than one that shows the right one', () => {
    const many = Array.from({ length: 40 }, (_, at) => plain(`p${at}`, 1))
    const valve: ValveSides = { id: 'r/v', run: 'r', node: 'v', beyond: new Set(many.slice(20).map(({ id }) => id)) }
    expect(leakSearch(many, [valve], [], 30).next).toMatchObject({ check: 'valve', seconds: 30 })
    const seconds = (leaks: string, first: number) => {
      const stream = [first]
      return secondsBySearch(many, [valve], leaks, 30, () => stream.pop() ?? 0)
    }
    for (const leaks of ['p0', 'p20']) expect(seconds(leaks, 0.9999)).toBeGreaterThan(seconds(leaks, 0))
    // Rightly told, the first of either half is looked at next.
    expect([seconds('p0', 0), seconds('p20', 0)]).toEqual([45, 45])
  })

  it('are found in at most half the seconds of going round in order, at the median', () => {
    const random = randomStream(inject('seed'))
    const long = lineWithValves(60, 10)
    const longPlan = planJob(long, catalogue)
    const shares = Array.from({ length: 60 }, () => {
      // As they were made: one in twelve unmarked, ungauged or not ticked at all.
      const entries = longPlan.joints.flatMap(({ id }) => {
        const careless = random()
        if (careless < 0.03) return []
        return [made(id, { markSeen: careless > 0.06, ...(careless > 0.09 ? { gauge: 'goes' } : {}) })]
      })
      const of = suspectsOf(long, longPlan, siteState(longPlan, entries))
      const leaks = drawLeak(of, random)
      // From one that falls by 1 bar a minute to one of 0.1.
      const byValve = valveSeconds(10 ** -random())
      return {
        searched: secondsBySearch(of, valveSides(long, of), leaks, byValve, random),
        inOrder: secondsInOrder(of, leaks, random),
      }
    })
    const median = (of: number[]) => of.sort((a, b) => a - b)[of.length / 2]!
    expect(median(shares.map(({ searched }) => searched))).toBeLessThan(median(shares.map((of) => of.inOrder)) / 2)
  })
})
