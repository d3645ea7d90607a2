import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { shippedTransitions } from '../../catalogue/fittings'
import { isInLine, meetingOf } from '../../catalogue/fitting'
import { shippedCosts } from '../../workshop/costs'
import type { Node } from '../../job/job'
import { profiles } from '../../workshop/profile'
import { assemblyOrder } from '../../assembly/order'
import { fittingJointCard } from '../../procedure/joint-card'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { speakerIn } from '../../speech'
import { assemblyQuestion } from '../../assembly/assembly-question'
import { chained } from '../../testing/sample-choice'

const copper = pipeId('EN 1057', '22', 0.9)
const screwedOn = ['22 solder × 3/4 M BSP adapter', '28 press × 3/4 F BSP adapter']
/** New 28 press pipe on existing 22 copper by these fittings, and round a corner. */
const job = (fittings: string[], more: Partial<Node> = {}) =>
  sampleJob({
    pipe: pipeId('EN 1057', '28', 0.9),
    method: 'press-metal',
    legs: [
      ['tie-in:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 500, 'open:e'],
    ],
    nodes: { s: { existing: copper, fitting: chained(fittings, ['solder', 'press-metal']), ...more } },
  })
const planOf = (fittings: string[]) => planJob(job(fittings), catalogue)

describe('joints between the fittings of a chain', () => {
  it('a thread is a joint of its own, between the one on old pipe and the one on new, 14 taken up', () => {
    const { joints, pieces } = planOf(screwedOn)
    expect(joints.map(({ number, method, piece, insertion }) => [number, method, piece, insertion])).toEqual([
      [1, 'solder', null, 15.4],
      [2, 'thread', null, 14],
      [3, 'press-metal', 'P1', 24],
      [4, 'press-metal', 'P1', 24],
      [5, 'press-metal', 'P2', 24],
    ])
    expect(joints[1]).toMatchObject({
      id: 'r1/s/between-0',
      verdict: 'fits',
      inner: { fittings: screwedOn, index: 0, meeting: { kind: 'thread', male: { size: '3/4' } } },
    })
    // 1000 less the chain, 12.5 + 14 + 15.4 from the old pipe's stop, less the press elbow's 34.4.
    expect(pieces[0]).toMatchObject({ cut: 1000 - 41.9 - 34.4, tolerance: 10 + 3 })
  })

  it('a spigot in its socket is soldered; one fitting alone has no joint of this kind, nor what nobody knows', () => {
    const [, inner] = planOf(['22 FTG × 15 solder fitting reducer', '22 solder × 22 solder coupling']).joints
    expect(inner).toMatchObject({ method: 'solder', insertion: 15.4, inner: { meeting: { kind: 'spigot' } } })
    expect(catalogue.pipe(inner!.pipe)!.od).toBeCloseTo(22, 0)
    expect(inner!.reasons.map(({ rule, message }) => [rule, message])).toEqual([['mating', 'spigot']])
    const between = (fittings: string[]) => planOf(fittings).joints.filter((joint) => joint.inner)
    expect(between(['22 solder × 28 press adapter'])).toEqual([])
    expect(between(['a hose', 'a clip'])).toEqual([])
  })

  it('any two fittings of a chain that the search may put together have one joint.inner them', () => {
    const straight = shippedTransitions().filter(isInLine)
    const nipple = straight.find(({ kind }) => kind === 'nipple')!
    const female = straight.filter((of) => of.ends.some((end) => end.type === 'thread' && end.sex === 'F'))
    const meetings = female.flatMap((of) => meetingOf(nipple, of) ?? [])
    expect(meetings.length).toBeGreaterThan(5)
    expect(meetings.every((of) => of.kind === 'thread' && of.male.sex === 'M' && of.female.sex === 'F')).toBe(true)
    expect(meetingOf(nipple, nipple)).toBeNull()
  })
})

describe('the order of assembly', () => {
  it('solders first, screws on what it soldered, and only then makes what could not be turned any more', () => {
    const given = job(screwedOn)
    const plan = planJob(given, catalogue)
    const question = assemblyQuestion(catalogue, given, plan, { costs: shippedCosts, celsius: 20 })
    expect(question.joints.slice(0, 3).map(({ parts }) => parts)).toEqual([
      ['r1/s#0', 'existing r1/s'],
      ['r1/s#0', 'r1/s#1'],
      ['r1/s#1', 'P1'],
    ])
    const order = assemblyOrder(question)
    const steps = order.ok ? order.steps.map(({ joint }) => joint) : []
    expect(steps).toHaveLength(5)
    // Tape does not stand the flame, and a female that an elbow stands out from cannot be turned.
    expect(['r1/s/existing', 'r1/s/between-0', 'r1/s/l1'].map((id) => steps.indexOf(id))).toEqual([2, 3, 4])
  })
})

describe('the card of a screwed joint', () => {
  const say = speakerIn('metric')
  const cardOf = (fittings: [string, string], reader = say, wet = false) => {
    const [one, other] = fittings.map((id) => shippedTransitions().find((of) => of.id === id)!)
    const meeting = meetingOf(one!, other!)!
    return fittingJointCard(catalogue, meeting, catalogue.pipe(copper)!, {
      profile: profiles.metric,
      here: { say: reader, wet },
    })
  }
  const turns = (card: ReturnType<typeof cardOf>) =>
    card.steps.flatMap(({ figure }) => (figure?.label === 'Turn' && 'text' in figure ? [figure.text] : []))

  it('metal in metal: taped, held back on what is made to pipe, 1½ to 3 turns', () => {
    const card = cardOf(['22 solder × 3/4 M BSP adapter', '28 press × 3/4 F BSP adapter'])
    expect(card).toMatchObject({
      method: 'thread',
      title: '3/4 BSP thread, male in female',
      holes: '',
      insertion: null,
    })
    expect(turns(card)).toEqual(['1½ to 3 turns past hand-tight'])
    expect(card.steps.map(({ text }) => text).join(' ')).toMatch(/Tape the male clockwise.*Hold back on the fitting/)
    expect(card.steps.at(-1)?.figure).toMatchObject({ label: 'Goes in', mm: 14, tolerance: 2 })
    expect(card.inspection).toContain('one to three threads showing')
    expect(card.spoils.at(-1)).toBe('soldered after it was taped')
    expect(card.cautions).toHaveLength(1)
  })

  it('plastic: a hand-size spanner, fewer turns, no paste, and no pipe wrench', () => {
    const card = cardOf(['3/4 PVC solvent × 3/4 M NPT adapter', '3/4 solder × 3/4 F NPT adapter'])
    expect(turns(card)).toEqual(['1 to 1½ turns past hand-tight'])
    expect(card.tools.join()).toContain('hand-size spanner')
    expect(card.consumables).toEqual(['thread tape'])
    expect(card.cautions[0]).toContain('no pipe wrench')
    expect(card.cautions).toHaveLength(2)
    expect(card.spoils).toContain('a pipe wrench on plastic')
    // In American words.
    const imperial = cardOf(
      ['3/4 PVC solvent × 3/4 M NPT adapter', '3/4 solder × 3/4 F NPT adapter'],
      speakerIn('imperial'),
    )
    expect(imperial.tools.join()).toContain('hand-size wrench')
  })

  it('a swivel nut seals on its washer: no tape, a quarter turn', () => {
    const card = cardOf(['15 solder × 1/2 F BSP swivel connector', '1/2 M BSP × 1/2 M BSP nipple'])
    expect(turns(card)).toEqual(['hand-tight and a quarter turn'])
    expect(card.consumables).toEqual(['flat washer'])
    expect(card.inspection[0]).toContain('washer in its seat')
    expect(card.steps).toHaveLength(4)
    expect(card.steps.map(({ text }) => text).join(' ')).not.toContain('Tape')
  })

  it('in a wet line it is covered until it has set, and loses none of its own cautions', () => {
    const ends: [string, string] = ['22 solder × 3/4 M BSP adapter', '28 press × 3/4 F BSP adapter']
    const [dry, wet] = [cardOf(ends), cardOf(ends, say, true)]
    expect(wet.cautions).toEqual([expect.stringContaining('keep drips off the finished joint'), ...dry.cautions])
  })

  it('a spigot is soldered like a pipe that is not cut', () => {
    const card = cardOf(['22 FTG × 15 solder fitting reducer', '22 solder × 22 solder coupling'])
    expect(card.method).toBe('solder')
    expect(card.steps[0]!.text).toContain('Do not cut the spigot')
    expect(card.steps.map(({ text }) => text).join(' ')).not.toContain('Cut square')
  })
})
