import { countedIds } from '../testing/sample-ids'
import { describe, expect, it } from 'vitest'
import cedar from '../../demo/cedar-kiln-studio.json'
import tarn from '../../demo/tarn-lane-bakehouse.json'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { setKind, setNode, setRun } from '../edit/edit-run'
import type { Job } from '../job/job'
import { addSurvey, emptyJob } from '../edit/new-job'
import { readJob } from '../job/read-job'
import { checkMetas } from '../check/rules'
import { planJob } from './plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { said } from '../testing/said'
import { nextStep, progressOf, type JointsDone } from './progress'

const job = (demo: unknown): Job => {
  const read = readJob(demo, catalogue)
  if (!read.ok) throw new Error(JSON.stringify(read.fields))
  return read.job
}
const progress = (of: Job) => progressOf(of, planJob(of, catalogue), catalogue)
const states = (of: Job) => progress(of).map(({ step, state, open }) => `${step}: ${state} ${open}`)

describe('where the steps of a job stand', () => {
  it('an empty job has not begun, and begins with a look', () => {
    const all = progress(emptyJob('New', 'metric', 'metric'))
    expect(new Set(all.map(({ state }) => state))).toEqual(new Set(['not begun']))
    expect(nextStep(all).step).toBe('survey')
    expect(said(nextStep(all).next)).toContain('identify')
  })

  it('the demo jobs: one pipe untold and joints to look at; the other ready to make', () => {
    expect(states(job(tarn))).toEqual([
      'survey: in hand 1',
      'join: done 0',
      'route: done 0',
      'cut: done 0',
      'make: reservation 13',
      'prove: not begun 0',
      'hand-over: not begun 0',
    ])
    expect(states(job(cedar))).toEqual([
      'survey: done 0',
      'join: done 0',
      'route: done 0',
      'cut: done 0',
      'make: in hand 0',
      'prove: not begun 0',
      'hand-over: not begun 0',
    ])
    expect(said(nextStep(progress(job(cedar))).next)).toBe('make 18 joints')
  })

  it('making counts what is made and looked at; proving goes by the last test', () => {
    const state = (done: Partial<JointsDone>) => {
      const all = planJob(job(cedar), catalogue).joints.length
      const steps = progressOf(job(cedar), planJob(job(cedar), catalogue), catalogue, {
        made: 0,
        inspected: 0,
        unproven: 18,
        all,
        ...done,
      })
      return steps.slice(-3).map(({ state: of, open, next }) => [of, open, said(next)])
    }
    expect(state({ made: 5 })).toEqual([
      ['in hand', 13, '13 of 18 joints still to make'],
      ['not begun', 0, ''],
      ['not begun', 0, ''],
    ])
    // A log in which nothing is made yet says no more than none.
    expect(state({})[0]).toEqual(['in hand', 0, 'make 18 joints'])
    expect(state({ made: 18, inspected: 18 }).slice(1)).toEqual([
      ['not begun', 0, 'start the pressure test'],
      ['not begun', 0, ''],
    ])
    expect(state({ made: 18, inspected: 16, tested: 'running' })).toEqual([
      ['in hand', 2, 'inspect 2 joints'],
      ['in hand', 1, 'keep reading the gauge until the test is decided'],
      ['not begun', 0, ''],
    ])
    expect(state({ made: 18, inspected: 18, tested: 'leak' })[1]![0]).toBe('reservation')
    // A test that ended tight, and proves less than all: something of it does not count.
    expect(state({ made: 18, inspected: 18, unproven: 2, tested: 'ended' })[1]).toEqual([
      'in hand',
      2,
      '2 joints are not pressure tested yet: test again',
    ])
    expect(state({ made: 18, inspected: 18, unproven: 0, tested: 'ended' })).toEqual([
      ['done', 0, ''],
      ['done', 0, ''],
      ['not begun', 0, 'hand over'],
    ])
    expect(state({ made: 18, inspected: 17, unproven: 0, tested: 'ended' })[2]).toEqual(['not begun', 0, ''])
    expect(state({ made: 18, inspected: 18, unproven: 0, tested: 'ended', handedOver: true })[2]).toEqual([
      'done',
      0,
      '',
    ])
  })

  it('a job of new pipe alone is not sent to look at a pipe that is not there', () => {
    const fresh = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['open:s', 'east', 1000, 'open:e']],
    })
    const begun = { ...fresh, surveys: [], legs: [] }
    expect(states(begun).slice(0, 3)).toEqual(['survey: done 0', 'join: done 0', 'route: not begun 0'])
    expect(nextStep(progress(begun)).step).toBe('route')
    const refused = setRun({ ...fresh, surveys: [] }, 'r1', { method: 'expansion' })
    const coupled = setKind(refused, 'r1', fresh.nodes.at(-1)!.id, { kind: 'outlet' })
    expect(progress(coupled)[1]!.state).toBe('reservation')
  })

  it('where all is done, the last step is the one to look at', () => {
    const all = progress(job(cedar)).map((step) => ({ ...step, state: 'done' as const, open: 0 }))
    expect(nextStep(all)).toBe(all.at(-1))
    expect(all.length).toBeGreaterThan(1)
  })

  it('a tie-in between two sizes is open until its fittings are chosen', () => {
    const open = setNode(job(cedar), 'r1', 'n1', { fitting: undefined })
    expect(progress(open)[1]).toMatchObject({ state: 'in hand', open: 1 })
    expect(said(progress(open)[1]!.next)).toContain('Glaze-room sink')
  })

  it('a survey that is not told is named; a tie-in whose pipe is not told asks for no fittings', () => {
    const { job: looked } = addSurvey(emptyJob('One', 'metric', 'metric'), countedIds)
    const [survey] = progress(looked)
    expect(survey).toMatchObject({ state: 'in hand', open: 1, next: { values: { name: looked.surveys[0]!.name } } })
    const untold = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['tie-in:s', 'east', 500, 'cap:e']],
    })
    expect(progress(untold).find(({ step }) => step === 'join')!.state).toBe('done')
    // What was a tie-in once may still say its pipe.
    const former = { ...untold.nodes[0]!, kind: 'elbow' as const, existing: pipeId('BS 659', '3/4') }
    const changed = { ...untold, nodes: [former, untold.nodes[1]!] }
    expect(progress(changed).find(({ step }) => step === 'join')!.open).toBe(0)
  })

  it('a refused joint is a reservation', () => {
    const join = progress(setRun(job(cedar), 'r1', { method: 'expansion' }))[1]!
    expect(join.state).toBe('reservation')
    expect(said(join.next)).toContain('not allowed')
  })

  it('no step with a refusal is done, whatever rule refuses', () => {
    const bent = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'east', 100, 'bend:b'],
        ['bend:b', 'north', 100, 'bend:c'],
        ['bend:c', 'east', 500, 'open:e'],
      ],
      nodes: { b: { radius: 60 }, c: { radius: 60 } },
    })
    const plan = planJob(bent, catalogue)
    const stepOf = new Map(checkMetas.map(({ id, step }) => [id, step]))
    const refused = plan.checks.filter(({ verdict }) => verdict === 'refuse').map(({ rule }) => stepOf.get(rule))
    expect(refused).toContain('cut')
    for (const { step, state } of progressOf(bent, plan, catalogue))
      if (refused.includes(step as 'cut')) expect(state).toBe('reservation')
  })
})
