import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assemblyQuestion } from './assembly/assembly-question'
import { drainings } from './assembly/draining'
import { shippedCatalogue as catalogue } from './catalogue/catalogue'
import { contentOf } from './flow/content'
import { withoutLengthsMade, withoutMadeUp } from './job/decisions'
import type { Job } from './job/job'
import { suspectsOf } from './leak/suspects'
import { siteState } from './log/site-state'
import { asBuilt } from './pipework/as-built'
import { planJob } from './plan/plan-job'
import { segmentsUnderTest } from './prove/plan-system'
import { jobEditedBy } from './testing/random-edits'
import { everything, underTest } from './prove/scope'
import { recordOf } from './record/record'
import { pipeId, sampleJob } from './testing/sample-run'
import { shippedCosts } from './workshop/costs'
import { byName, chained } from './testing/sample-choice'

const sorted = (ids: Iterable<string>) => [...ids].toSorted()

/** What every reader of a job makes of it, against its plan. */
function expectOneAccount(job: Job): void {
  const plan = planJob(job, catalogue)
  const built = asBuilt(catalogue, job)
  const joints = sorted(plan.joints.map(({ id }) => id))
  expect(new Set(joints).size).toBe(joints.length)

  // The same joints, whoever asks.
  const question = assemblyQuestion(catalogue, built, plan, { costs: shippedCosts, celsius: 15 })
  expect(sorted(question.joints.map(({ id }) => id))).toEqual(joints)
  const state = siteState(plan, [])
  const suspects = suspectsOf(built, plan, state)
  // A relief pipe stands empty: nothing leaks there.
  const filled = plan.joints.filter(underTest(built, everything).joint).map(({ id }) => id)
  expect(sorted(suspects.flatMap(({ joint }) => joint ?? []))).toEqual(sorted(filled))
  const record = recordOf(catalogue, { id: 'job', version: 1, job: built }, { plan, entries: [], proofs: new Map() })
  expect(sorted(record.joints.map(({ id }) => id))).toEqual(joints)
  expect(planJob(built, catalogue)).toEqual(plan)

  // The same lengths: each piece lies on its stock by the blank that is cut for it, once.
  const laid = plan.stock.flatMap(({ bars, tooLong }) => [...bars.flatMap((bar) => bar.pieces), ...tooLong])
  const known = plan.pieces.filter(({ blank }) => blank !== null)
  expect(new Map(laid.map(({ id, length }) => [id, length]))).toEqual(
    new Map(known.map(({ id, blank }) => [id, blank])),
  )
  expect(laid).toHaveLength(known.length)

  // The same fittings: each that stands there and is made is on the list, once.
  const standing = plan.parts.filter(({ kind, isUnmade }) => kind === 'fitting' && !isUnmade)
  expect(plan.fittings.reduce((sum, { count }) => sum + count, 0)).toBe(standing.length)

  // The same water: what is tested is what is drained.
  const tested = segmentsUnderTest(built).flatMap((of) => ('metres' in of ? [of] : []))
  const litres = tested.reduce((sum, { pipe, metres }) => sum + contentOf(catalogue.pipe(pipe)!, metres * 1000), 0)
  const drained = drainings(catalogue, built).reduce((sum, of) => sum + of.litres, 0)
  expect(litres).toBeCloseTo(drained, 6)

  // What follows from the job is not in it: taken away, the job is as it was decided.
  const decided = withoutLengthsMade(withoutMadeUp(catalogue, built))
  expect(decided.nodes.map(({ id, fitting }) => [id, fitting])).toEqual(
    job.nodes.map(({ id, fitting }) => [id, fitting]),
  )
  for (const [at, { id, from, to, length }] of decided.legs.entries()) {
    expect([id, from, to]).toEqual([job.legs[at]!.id, job.legs[at]!.from, job.legs[at]!.to])
    if (length !== null) expect(length).toBeCloseTo(job.legs[at]!.length!, 2)
  }
}

const copper22 = pipeId('EN 1057', '22', 0.9)
const facing = chained(['22 solder × 22 solder coupling', '22 press × 22 press coupling'], ['solder', 'press-metal'])

describe('one account of a job', () => {
  it('of legs that three of them meet at a bend, which nobody can make: no joint stands there twice', () =>
    expectOneAccount(
      sampleJob({
        pipe: copper22,
        method: 'solder',
        legs: [
          ['tee:t', 'north', 400, 'bend:b'],
          ['bend:b', 'east', 300, 'open:e'],
          ['bend:b', 'up', 300, 'open:u'],
        ],
      }),
    ))

  it('is given by all who read it, however it was edited', () => {
    const number = fc.nat({ max: 100_000 })
    const steps = fc.array(fc.tuple(number, number, number, number), { minLength: 3, maxLength: 24 })
    fc.assert(
      fc.property(steps, (of) => expectOneAccount(jobEditedBy(of))),
      { numRuns: Number(process.env.EDITS ?? 300) },
    )
  })

  it('of fittings that want a piece between, on the way and at a tie-in', () => {
    expectOneAccount(
      sampleJob({
        pipe: copper22,
        method: 'solder',
        legs: [
          ['tie-in:t', 'north', 900, 'adapter:m'],
          ['m', 'north', 700, 'cap:e'],
        ],
        nodes: { t: { existing: copper22, fitting: facing }, m: { fitting: facing } },
      }),
    )
  })

  it('of a fitting that stands straight in the next', () => {
    const job = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['cap:s', 'east', 900, 'tee:t'],
        ['t', 'east', 700, 'cap:e'],
        ['t', 'up', 100, 'elbow:o'],
        ['o', 'north', 500, 'cap:f'],
      ],
      nodes: { o: { fitting: byName('22 FTG × 22 solder street elbow 90') } },
    })
    expectOneAccount({
      ...job,
      legs: job.legs.map((leg) => (leg.id === 'l3' ? { ...leg, state: 'no pipe', length: null } : leg)),
    })
  })
})
