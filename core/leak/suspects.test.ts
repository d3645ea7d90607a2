import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Entry } from '../log/entry'
import type { CheckResult } from '../log/leak-check'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { said } from '../testing/said'
import { dry, entry, ids, job, made, plan, slowDrip, sought, suspects } from '../testing/sample-leak'
import { leakSearch } from './search'
import { suspectsOf, type Suspect } from './suspects'

const copper15 = pipeId('EN 1057', '15', 0.7)

describe('what may leak', () => {
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
    expect(all.find(({ joint }) => joint === second)!.weight).toBe(
      plainly.find(({ joint }) => joint === second)!.weight,
    )
    const factory = { ...job, runs: job.runs.map((run) => ({ ...run, condition: { factoryEnd: true } })) }
    const ends = suspectsOf(factory, plan, siteState(plan, entries))
    expect(ends.find(({ joint }) => joint === second)!.weight).not.toBe(
      plainly.find(({ joint }) => joint === second)!.weight,
    )
  })

  it('is every joint by its method, and the pipe by its length', () => {
    const of = suspects(ids.map((id) => made(id)))
    expect(of.filter(({ joint }) => joint)).toHaveLength(ids.length)
    expect(of.filter(({ joint }) => joint).every(({ weight }) => weight === 1.5)).toBe(true)
    expect(of.find(({ id }) => id === 'leg/r1/l2')).toMatchObject({ weight: 0.1, length: 2000, isHidden: false })
  })

  it('is likelier where the log says why: not ticked, no gauge, mark not seen, made twice, not sound', () => {
    const seen = { atShoulder: true, ringPlaced: true, gauge: 'goes' }
    const first = (...entries: Entry[]) => {
      const { weight, why } = suspects(entries).find(({ id }) => id === ids[0])!
      return [weight, ...why.map((message) => said(message))]
    }
    expect(first()).toEqual([12, 'not marked as made'])
    expect(first(made(ids[0]!, { ...seen, gauge: undefined }))).toEqual([4.5, 'no gauge result'])
    expect(first(made(ids[0]!, { ringPlaced: true, gauge: 'does not go' }))).toEqual([
      36,
      'pipe at the shoulder not checked',
      'gauge not OK',
    ])
    expect(first(made(ids[0]!, { ...seen, uses: 2 }))).toEqual([4.5, 'push-fit used before'])
    expect(first(made(ids[0]!, { ...seen, uses: 1 }))).toEqual([1.5])
    // Only a push-fit has a collar, and a mark at its mouth.
    expect(first(made(ids[0]!, { ...seen, ringTurned: false, markSeen: false }))).toEqual([1.5])
    const anew = [
      made(ids[0]!),
      entry('joint-undone', 2, { subject: { joint: ids[0] } }),
      { ...made(ids[0]!), at: '2026-05-04T10:03:00Z' },
    ]
    expect(first(...anew)).toEqual([3, 'made more than once'])
    const inspected = (sound: boolean) =>
      first(made(ids[0]!), entry('joint-inspected', 2, { subject: { joint: ids[0] }, body: { sound } }))
    expect(inspected(true)).toEqual([0.75])
    expect(inspected(false)).toEqual([30, 'inspected: not OK'])
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
      suspectsOf(pushed, its, siteState(its, [made(id, { ringTurned, markSeen: true })])).find(
        ({ joint }) => joint === id,
      )!
    expect(weightOf(false).weight).toBe(2 * weightOf(true).weight)
    expect(weightOf(false).why.map((message) => said(message))).toEqual(['collar not checked'])
    expect(weightOf(true).why).toEqual([])
  })

  it('behind what was covered cannot be looked at: it is listened for, or opened', () => {
    const covered = entry('covered', 5, { body: { where: 'stud wall', joints: [ids[0]] } })
    const of = suspects([...ids.map((id) => made(id)), covered])
    expect(of.filter(({ isHidden }) => isHidden).map(({ id }) => id)).toEqual([ids[0]])
    const only = of.filter(({ isHidden }) => isHidden)
    const next = (mlPerMinute: number, results: CheckResult[]) =>
      leakSearch({ ...sought(only), loss: { ...slowDrip, mlPerMinute } }, results).next
    expect(next(200, [])).toMatchObject({ check: 'listen', seconds: 60 })
    expect(next(200, [dry('listen', ids[0]!)])).toMatchObject({ check: 'open', seconds: 1800 })
    // A drip is not heard.
    expect(next(1, [])).toMatchObject({ check: 'open' })
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
    const of = (runs?: string[]) => suspectsOf(both, planJob(both, catalogue), siteState(plan, []), { runs })
    expect(of().length).toBe(2 * of(['r2']).length)
    expect(of(['r2']).every(({ run }) => run === 'r2')).toBe(true)
  })
})
