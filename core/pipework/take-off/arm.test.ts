import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { chainLength, fittingNamed } from '../../catalogue/chain-length'
import { endLength } from '../../catalogue/fitting-length'
import { countedIds } from '../../testing/sample-ids'
import { splitLeg } from '../../edit/legs/edit-leg'
import { setNode } from '../../edit/edit-run'
import { copyPart } from '../../edit/runs/part'
import type { Job, Node } from '../../job/job'
import { systemsOf } from '../../job/system'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { said } from '../../testing/said'
import { armsOf, fittedArm } from './arm'
import { armChoices, namedFittingsFor } from './named-fittings'
import { layOut } from '../../run/layout'
import { byName } from '../../testing/sample-choice'
import { armsChosen } from '../../job/chosen'

const [copper22, multilayer16] = [pipeId('EN 1057', '22', 0.9), pipeId('EN ISO 21003', '16')]
const threaded = '22 solder × 22 solder × 1/2 F BSP tee'
const adapter = '16 multilayer press × 1/2 M BSP adapter'
/** A soldered main with a branch of multilayer off a tee. */
const drawn = sampleJob({
  pipe: copper22,
  method: 'solder',
  legs: [
    ['cap:s', 'east', 1000, 'tee:t'],
    ['tee:t', 'east', 800, 'cap:e'],
    ['tee:t', 'north', 600, 'outlet:o'],
  ],
  nodes: { o: { method: 'press-multilayer' } },
})
const job: Job = { ...drawn, legs: drawn.legs.map((leg) => (leg.id === 'l3' ? { ...leg, pipe: multilayer16 } : leg)) }
const withBody = (fitting: Node['fitting']) => setNode(job, 'r1', 't', { fitting })
const arms = { l3: { fittings: [adapter], method: 'press-multilayer' as const } }
const onArm = byName(threaded, arms)
const named = (id: string) => fittingNamed(id)!

describe('a fitting on the arm of a tee', () => {
  const plan = planJob(withBody(onArm), catalogue)
  const branch = plan.pieces.find(({ legs }) => legs.includes('l3'))!

  it('takes off the tee’s own arm, what is screwed in, and its own length; no short piece stands between', () => {
    // 0.7 of the 22 mm branch and more to the thread's mouth, less 13 of take-up in the table; then 13 in, then the adapter.
    const byHand = endLength(catalogue, named(threaded), 2)!.mm + 13 + chainLength(catalogue, [named(adapter)])!.mm
    expect(branch.ends[0]).toMatchObject({ node: 't', method: 'press-multilayer', takeOff: expect.closeTo(byHand, 6) })
    expect(branch.cut).toBeCloseTo(600 - byHand - branch.ends[1].takeOff!, 3)
    expect(plan.pieces).toHaveLength(3)
    expect(plan.pieces.filter(({ cut }) => cut === null)).toEqual([])
  })

  it('of two fittings has a joint in the tee and one between them, told by the two that meet', () => {
    const [nipple, socket] = ['1/2 M BSP × 1/2 M BSP nipple', '16 multilayer press × 1/2 F BSP adapter']
    const arms = { l3: { fittings: [nipple!, socket!], method: 'press-multilayer' as const } }
    const inner = planJob(withBody(byName(threaded, arms)), catalogue).joints.filter((of) => of.inner)
    expect(inner.map(({ id, inner: of, between }) => [id, of!.fittings, between])).toEqual([
      [
        'r1/t/l3/between-0',
        [threaded, nipple],
        [
          { part: 'r1/t', port: 2 },
          { part: 'r1/t/l3#0', port: 0 },
        ],
      ],
      [
        'r1/t/l3/between-1',
        [nipple, socket],
        [
          { part: 'r1/t/l3#0', port: 1 },
          { part: 'r1/t/l3#1', port: 0 },
        ],
      ],
    ])
  })

  it('is a part with its own joints: a thread in the tee, the pipe in the adapter', () => {
    const at = plan.joints.filter(({ node }) => node === 't')
    expect(at.map(({ id, method }) => [id, method]).toSorted()).toEqual([
      ['r1/t/l1', 'solder'],
      ['r1/t/l2', 'solder'],
      ['r1/t/l3', 'press-multilayer'],
      ['r1/t/l3/between-0', 'thread'],
    ])
    const inner = at.find(({ inner: of }) => of)!
    expect(inner).toMatchObject({ insertion: 13, verdict: 'fits', inner: { fittings: [threaded, adapter], index: 0 } })
    expect(inner.between.map(({ part }) => part)).toEqual(['r1/t', 'r1/t/l3#0'])
    const parts = new Map(plan.parts.map((part) => [part.id, part]))
    const ends = inner.between.map(({ part, port }) => parts.get(part)!.ports[port]!)
    expect(ends.map(({ end }) => end)).toEqual(['1/2 F BSP', '1/2 M BSP'])
    // Both look at each other, 13 apart: so far the male stands in the female.
    expect(ends.map(({ out }) => out?.map((part) => part + 0))).toEqual([
      [0, 1, 0],
      [0, -1, 0],
    ])
    const [own, its] = ends.map(({ at: place }) => place![1])
    expect(its! - own!).toBeCloseTo(13, 6)
    const last = parts.get('r1/t/l3#0')!.ports[1]!
    expect(last.at![1]).toBeCloseTo(branch.ends[0].takeOff!, 6)
    expect(plan.fittings.map(({ label }) => label)).toEqual(expect.arrayContaining([threaded, adapter]))
  })

  it('every port is in at most one joint, and the tee lacks no leg', () => {
    const ports = plan.joints.flatMap(({ between }) => between.map(({ part, port }) => `${part}:${port}`))
    expect(new Set(ports).size).toBe(ports.length)
    expect(plan.checks.filter(({ rule }) => rule === 'open-end' || rule === 'too-many-legs')).toEqual([])
  })

  it('stays where it is when something is put into its leg', () => {
    const split = splitLeg(withBody(onArm), countedIds, 'r1', { legId: 'l3', at: 300, kind: 'valve' }).job
    expect(planJob(split, catalogue).pieces.find(({ legs }) => legs.includes('l3'))!.ends[0].takeOff).toBe(
      branch.ends[0].takeOff,
    )
    // Drawn towards the tee, the part of the leg that meets it has the new id.
    const turned: Job = {
      ...withBody(onArm),
      legs: job.legs.map((leg) =>
        leg.id === 'l3' ? { ...leg, from: 'o', to: 't', direction: 'south' as const } : leg,
      ),
    }
    const there = splitLeg(turned, countedIds, 'r1', { legId: 'l3', at: 300, kind: 'valve' }).job
    expect(Object.keys(armsChosen(there.nodes.find(({ id }) => id === 't')!))).toEqual(['l4'])
    expect(planJob(there, catalogue).pieces.find(({ legs }) => legs.includes('l4'))!.ends[1].takeOff).toBe(
      branch.ends[0].takeOff,
    )
  })

  it('is copied with its fitting and its leg', () => {
    const { job: copied, legs } = copyPart(withBody(onArm), countedIds, 'r1', { legIds: ['l1', 'l2', 'l3'], to: 'e' })
    const tee = copied.nodes.filter(({ kind }) => kind === 'tee')
    expect(tee.map((node) => Object.keys(armsChosen(node)))).toEqual([['l3'], [legs[2]]])
    const copy = planJob(copied, catalogue).pieces.find((piece) => piece.legs.includes(legs[2]!))!
    expect(copy.ends[0].takeOff).toBe(branch.ends[0].takeOff)
  })

  it('that does not go with the tee, or takes no such pipe, is said so', () => {
    const missing = (arm: string[], method: 'press-multilayer' | 'solder' = 'press-multilayer') =>
      planJob(withBody(byName(threaded, { l3: { fittings: arm, method } })), catalogue).pieces.at(-1)!.missing
    expect(said(missing(['16 multilayer press × 3/4 M BSP adapter']))).toContain('does not take this pipe')
    expect(said(missing(['a hose']))).toContain('does not take this pipe')
    expect(said(missing([adapter], 'solder'))).toContain('does not take this pipe')
  })
})

describe('what is offered', () => {
  const layout = layOut(systemsOf(job)[0]!)
  const offered = namedFittingsFor(catalogue, layout, layout.node.get('t')!)

  it('is a tee with one adapter for the leg that it does not take, filled in', () => {
    const choice = offered.find(({ named: of }) => of.id === threaded)!
    expect(choice.arms).toEqual({ l3: expect.objectContaining({ method: expect.any(String) }) })
    const chosen = withBody(byName(choice.named.id, choice.arms))
    expect(planJob(chosen, catalogue).pieces.every(({ cut }) => cut !== null)).toBe(true)
  })

  it('every choice has a length at every end', () => {
    const withArms = offered.filter(({ arms }) => Object.keys(arms).length > 0)
    expect(withArms.length).toBeGreaterThan(3)
    for (const { named: of, arms } of withArms) {
      const { pieces } = planJob(withBody(byName(of.id, arms)), catalogue)
      expect(
        pieces.filter(({ cut }) => cut === null),
        of.id,
      ).toEqual([])
    }
  })

  it('an arm of the wanted method comes first; a spigot stands in a socket as a thread does in a thread', () => {
    const pipe = catalogue.pipe(multilayer16)!
    const [first] = armsOf(named(threaded), 2, pipe, 'compression')
    expect(first!.method).toBe('compression')
    const fitting = '22 FTG × 15 solder fitting reducer'
    const reduced = fittedArm(
      named('22 solder × 22 solder × 22 solder tee'),
      2,
      { fittings: [fitting], method: 'solder' },
      catalogue.pipe(pipeId('EN 1057', '15', 0.7))!,
    )
    expect(reduced).toMatchObject({ inwards: [0], meetings: [{ kind: 'spigot' }], socket: { size: '15' } })
  })

  it('two fittings on an arm go one in the other, whichever way round they are named', () => {
    const two = ['1/2 M BSP × 1/2 M BSP nipple', '1/2 F BSP × 1/2 M NPT thread adapter']
    const half = catalogue.pipe(pipeId('ASTM B88', '1/2', 'L'))!
    const last = '1/2 solder × 1/2 F NPT adapter'
    const found = fittedArm(named(threaded), 2, { fittings: [...two, last], method: 'solder' }, half)
    expect(found).toMatchObject({
      inwards: [0, 0, 1],
      meetings: [{ kind: 'thread' }, { kind: 'thread' }, { kind: 'thread' }],
    })
  })
})

describe('what may stand on the arm that is there', () => {
  it('is each fitting that goes with the tee and takes the pipe; none on another leg, or without a body', () => {
    const at = (of: Node['fitting'], leg: string) => {
      const layout = layOut(systemsOf(withBody(of))[0]!)
      return armChoices(catalogue, layout, layout.node.get('t')!, leg)
    }
    const choices = at(onArm, 'l3')
    expect(choices).toContainEqual(arms.l3)
    expect(choices.length).toBeGreaterThan(1)
    for (const arm of choices) {
      const { pieces } = planJob(withBody(byName(threaded, { l3: arm })), catalogue)
      expect(pieces.at(-1)!.cut, arm.fittings.join()).not.toBeNull()
    }
    expect([at(onArm, 'l1'), at(undefined, 'l3'), at(onArm, 'none')]).toEqual([[], [], []])
  })
})

describe('fittings that pipe does not go into by itself', () => {
  const choicesAt = (of: Job, node: string) => {
    const layout = layOut(systemsOf(of)[0]!)
    return namedFittingsFor(catalogue, layout, layout.node.get(node)!)
  }

  it('a plug closes an adapter at the end of a pipe: the adapter’s length is taken off, and both are listed', () => {
    const end = sampleJob({ pipe: copper22, method: 'solder', legs: [['cap:s', 'east', 1000, 'cap:e']] })
    const plug = choicesAt(end, 'e').find(({ named: { id } }) => id === '1/2 M BSP plug')!
    const plan = planJob(setNode(end, 'r1', 'e', { fitting: byName(plug.named.id, plug.arms) }), catalogue)
    const [arm] = Object.values(plug.arms)
    expect(arm!.method).toBe('solder')
    expect(plan.pieces[0]!.ends[1].takeOff).toBeCloseTo(13 + chainLength(catalogue, [named(arm!.fittings[0]!)])!.mm, 6)
    expect(plan.fittings.map(({ label }) => label)).toEqual(
      expect.arrayContaining([plug.named.label, ...arm!.fittings]),
    )
    expect(
      plan.joints
        .filter(({ node }) => node === 'e')
        .map(({ method }) => method)
        .toSorted(),
    ).toEqual(['solder', 'thread'])
  })

  it('a street elbow turns in a coupling: its spigot stands in one socket, the pipe in the other', () => {
    const corner = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['cap:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'cap:e'],
      ],
    })
    const street = choicesAt(corner, 'a').find(({ named: { kind } }) => kind === 'street elbow 90')!
    expect(Object.values(street.arms)).toHaveLength(1)
    const plan = planJob(setNode(corner, 'r1', 'a', { fitting: byName(street.named.id, street.arms) }), catalogue)
    // From the corner: the elbow's 14.6, a neck of 2 and a spigot of 15.4; then the coupling from stop to stop, 1.6.
    const aside = plan.pieces.find(({ legs }) => legs.includes(Object.keys(street.arms)[0]!))!
    const at = aside.ends.find(({ node }) => node === 'a')!
    expect(at.takeOff).toBeCloseTo(14.6 + 2 + 15.4 + 1.6, 6)
    expect(plan.pieces.every(({ cut }) => cut !== null)).toBe(true)
  })
})
