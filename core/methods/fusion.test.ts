import { describe, expect, it } from 'vitest'
import { assemblyQuestion } from '../assembly/assembly-question'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { join } from '../join/join'
import { judge } from '../join/judge'
import { planJob } from '../plan/plan-job'
import { jointCard } from '../procedure/joint-card'
import { pipeId, sampleJob } from '../testing/sample-run'
import { sectionOf } from '../section/section'
import { speakerIn } from '../speech'
import { shippedCosts } from '../workshop/costs'
import { profiles } from '../workshop/profile'
import type { Place } from '../job/place'
import { fusionTimes } from './fusion-times'
import { chooseChain } from '../edit/existing/edit-tie-in'

const [ppr20, ppr25] = [pipeId('EN ISO 15874', '20'), pipeId('EN ISO 15874', '25')]
const pipe = (id: string) => catalogue.pipe(id)!
const verdict = (id: string, place: Place = {}) =>
  judge(catalogue, pipe(id), 'fusion', { service: 'cold', place, profile: profiles.metric }).verdict
const say = speakerIn('metric')

describe('socket fusion of PP-R', () => {
  it('by the table of DVS 2207-11; heated half as long again in the cold', () => {
    expect(fusionTimes(20, 20)).toEqual({ heat: 5, change: 4, hold: 6, left: 120 })
    expect(fusionTimes(32, 4.9)).toEqual({ heat: 12, change: 6, hold: 10, left: 240 })
    expect(fusionTimes(32, 5)?.heat).toBe(8)
    expect(fusionTimes(63, undefined)?.hold).toBe(30)
    expect(fusionTimes(75, 20)).toBeNull()
  })

  it('fits PP-R of any series and nothing else, and no line that drips', () => {
    expect(catalogue.pipes.filter(({ id }) => verdict(id) !== 'refuse').map(({ material }) => material)).toEqual(
      catalogue.pipes.filter(({ material, od }) => material === 'pp-r' && od <= 63).map(() => 'pp-r'),
    )
    expect(verdict(ppr20, { wet: true })).toBe('refuse')
    expect(verdict(ppr20, { oriented: true })).toBe('caution')
    expect(verdict(ppr20, { demountable: true })).toBe('refuse')
  })

  it('is planned by its own take-offs and depths: 1000 between two elbows of 20, 11.6 off at either end', () => {
    const job = sampleJob({
      pipe: ppr20,
      method: 'fusion',
      legs: [
        ['cap:s', 'north', 500, 'elbow:a'],
        ['elbow:a', 'east', 1000, 'elbow:b'],
        ['elbow:b', 'north', 500, 'cap:e'],
      ],
    })
    const plan = planJob(job, catalogue)
    expect(plan.pieces[1]).toMatchObject({ cut: 976.8, ends: [{ insertion: 14 }, { insertion: 14 }] })
    expect(plan.fittings.map(({ label, count }) => [label, count])).toContainEqual(['20 fusion elbow 90°', 2])
    expect(plan.checks.filter(({ verdict: of }) => of === 'refuse')).toEqual([])
    const question = assemblyQuestion(catalogue, job, plan, { costs: shippedCosts, celsius: 20 })
    expect(question.joints.map(({ wait }) => wait)).toEqual(plan.joints.map(() => 60))
  })

  it('leads to metal by a body with a brass thread in it, one of the four that are made', () => {
    const { chains } = join(
      catalogue,
      { a: pipe(pipeId('EN 1057', '22', 0.9)), b: pipe(ppr25) },
      { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: 'metric' },
    )
    expect(chains[0]!.fittings.at(-1)!.id).toMatch(/^25 fusion × 3\/4 [MF] BSP adapter$/)
    expect(chains[0]!.verdict).toBe('fits')
  })

  it.each(['SDR7.4', 'SDR6'])(
    'is reduced to such a body from 40, by a piece of its own %s pipe that is cut to length',
    (sdr) => {
      const [copper28, ppr40] = [pipeId('EN 1057', '28', 0.9), pipeId('EN ISO 15874', '40', sdr)]
      const { chains } = join(
        catalogue,
        { a: pipe(copper28), b: pipe(ppr40) },
        { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: 'metric' },
      )
      const [chain] = chains
      expect(chain!.fittings.slice(-2).map(({ id }) => id)).toEqual([
        '32 fusion × 1 F BSP adapter',
        '40 fusion × 32 fusion reducer',
      ])
      expect([chain!.verdict, chain!.piece]).toMatchObject(['fits', { pipe: pipeId('EN ISO 15874', '32', sdr) }])
      const job = sampleJob({
        pipe: ppr40,
        method: 'fusion',
        legs: [['tie-in:t', 'east', 1000, 'cap:e']],
        nodes: { t: { existing: copper28 } },
      })
      const plan = planJob(chooseChain(job, 'r1', 't', chain!), catalogue)
      // The piece: 17 fused in at either end, and 5 bare between the mouths.
      expect(plan.pieces.map(({ pipe: of, cut }) => [of, cut !== null])).toEqual([
        [pipeId('EN ISO 15874', '32', sdr), true],
        [ppr40, true],
      ])
      expect(plan.pieces[0]!.cut).toBe(17 + 5 + 17)
    },
  )

  it('has a card: the heads, what is counted, what spoils it; and waits before a test and before full pressure', () => {
    const card = jointCard(catalogue, pipe(ppr25), 'fusion', { profile: profiles.metric, here: { say, celsius: 20 } })
    expect(card.insertion).toMatchObject({ mm: 15 })
    expect(card.steps.flatMap(({ wait }) => wait?.seconds ?? [])).toEqual([7, 10, 120, 3600, 86_400])
    const figures = JSON.stringify(card.steps.map(({ figure }) => figure))
    expect(figures).toContain('250')
    expect(figures).toContain('within 4 s')
    expect(card.spoils).toContain('water in the line, a wet bead')
    expect(card.cautions.join()).toContain('burn')
    const unsaid = jointCard(catalogue, pipe(ppr25), 'fusion', { profile: profiles.metric, here: { say } })
    expect(JSON.stringify(unsaid)).toContain('half as long again')
  })

  it('is drawn: home at its mark, and not home it tears off', () => {
    const at = (home: number) =>
      sectionOf({ pipe: pipe(ppr20), method: 'fusion', depth: 14, home, faults: new Set() }).says
    expect(at(14)).toContain('double bead')
    expect(at(9)).toContain('not yet')
  })
})
