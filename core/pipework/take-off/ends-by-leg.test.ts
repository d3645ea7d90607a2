import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { Job, Node } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { said } from '../../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../../testing/sample-run'
import { namedFittingsFor } from './named-fittings'
import { layOut } from '../../run/layout'
import { systemsOf } from '../../job/system'
import { byName } from '../../testing/sample-choice'

const copper = pipeId('EN 1057', '22', 0.9)
const pex = pipeId('ASTM F876', '1/2', 'pex-b')
const job = (legs: SampleRun['legs'], nodes: Record<string, Partial<Node>> = {}, pipe = copper) =>
  sampleJob({ pipe, method: pipe === copper ? 'solder' : 'crimp', legs, nodes })
const straight: SampleRun['legs'] = [['cap:s', 'east', 1000, 'outlet:e']]
const turned: SampleRun['legs'] = [
  ['cap:s', 'east', 1000, 'elbow:a'],
  ['elbow:a', 'north', 500, 'cap:e'],
]
const names = (of: ReturnType<typeof job>, node: string) => {
  const layout = layOut(systemsOf(of)[0]!)
  return namedFittingsFor(catalogue, layout, layout.node.get(node)!).map(({ named }) => named.id)
}

describe('what may be chosen by its name', () => {
  it('is nothing where nothing leads to, nor where no fitting stands', () => {
    const alone = job(straight)
    const loose: Job = { ...alone, nodes: [...alone.nodes, { id: 'x', run: 'r1', kind: 'outlet' }] }
    const layout = layOut(systemsOf(loose)[0]!)
    expect(namedFittingsFor(catalogue, layout, layout.node.get('x')!)).toEqual([])
    const bent = job([
      ['cap:s', 'east', 1000, 'bend:a'],
      ['a', 'north', 500, 'open:e'],
    ])
    expect([names(bent, 'a'), names(bent, 'e')]).toEqual([[], []])
  })

  it('at an outlet always leads on, and what is made in the run’s own method comes first', () => {
    const layout = layOut(systemsOf(job(straight))[0]!)
    const bodies = namedFittingsFor(catalogue, layout, layout.node.get('e')!).map(({ named }) => named)
    expect(bodies.every(({ ends }) => ends.length > 1)).toBe(true)
    const soldered = bodies.map(({ ends }) =>
      ends.some((end) => end.type === 'socket' && end.socket.method === 'solder'),
    )
    expect(soldered[0]).toBe(true)
    expect(soldered).toContain(false)
    expect(soldered.lastIndexOf(true)).toBeLessThan(soldered.indexOf(false))
  })
})

describe('a fitting chosen by its name', () => {
  it('a drop-ear elbow at an outlet: 0.7 × 22 + 4 = 19.4 ± 4 off, and it is what is asked for at the counter', () => {
    const plan = planJob(job(straight, { e: { fitting: byName('22 solder × 1/2 F BSP drop-ear elbow') } }), catalogue)
    expect(plan.pieces[0]!.ends[1]).toMatchObject({
      method: 'solder',
      takeOff: 19.4,
      takeOffTolerance: 4,
      takeOffBasis: 'typical',
    })
    expect(plan.pieces[0]!.cut).toBe(980.6)
    expect(plan.fittings.map(({ label }) => label)).toContain('22 solder × 1/2 F BSP drop-ear elbow')
    const part = plan.parts.find(({ node, kind }) => node === 'e' && kind === 'fitting')!
    expect(part.ports.map(({ end }) => end)).toEqual(['22 solder', '1/2 F BSP'])
  })

  it.each([
    // 0.25 × 22 + 7 to the mouth that it is screwed into, 0.25 × 22 + 4 to the end of the male in it, 0.2 × 22 + 10.
    ['22 solder × 3/4 M BSP adapter', 12.5],
    ['22 solder × 3/4 F BSP adapter', 9.5],
    ['22 solder × 3/4 F BSP swivel connector', 14.4],
  ])('an outlet in line is measured to where the next thing goes on: all of a %s comes off', (fitting, whole) => {
    const at = (kind: string) =>
      planJob(job([['cap:s', 'east', 1000, `${kind}:e`]], { e: { fitting: byName(fitting) } }), catalogue).pieces[0]!
    expect(at('outlet').ends[1].takeOff).toBe(whole)
    expect(at('outlet').cut).toBe(1000 - whole)
  })

  it('an angle stop of another method than the run: that is how its joint is made', () => {
    const plan = planJob(job(straight, { e: { fitting: byName('22 compression × 1/2 M BSP angle stop') } }), catalogue)
    // 0.5 × 22 + 10.
    expect(plan.pieces[0]!.ends[1]).toMatchObject({ method: 'compression', takeOff: 21, takeOffTolerance: 6 })
    expect(plan.joints.find(({ node }) => node === 'e')).toMatchObject({ method: 'compression' })
  })

  it('a reducing tee by its ends: run, run, branch', () => {
    const legs: SampleRun['legs'] = [
      ['cap:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'east', 1000, 'cap:e'],
      ['tee:t', 'north', 500, 'outlet:o'],
    ]
    const drawn = job(legs, { t: { fitting: byName('22 solder × 22 solder × 15 solder tee') } })
    const smaller = {
      ...drawn,
      legs: drawn.legs.map((leg) => (leg.id === 'l3' ? { ...leg, pipe: pipeId('EN 1057', '15', 0.7) } : leg)),
    }
    const plan = planJob(smaller, catalogue)
    expect(plan.pieces.every(({ cut }) => cut !== null)).toBe(true)
    // In all 22 the branch finds no end.
    const branch = planJob(drawn, catalogue).pieces.find(({ legs: of }) => of.includes('l3'))!
    expect(said(branch.missing)).toBe(
      'the 22 solder × 22 solder × 15 solder tee chosen here does not take this pipe: choose another',
    )
  })

  it('what does not turn as the pipe does is said so', () => {
    const [first] = planJob(job(turned, { a: { fitting: byName('22 solder × 22 solder elbow 45') } }), catalogue).pieces
    expect([first!.cut, said(first!.missing)]).toEqual([
      null,
      'the 22 solder elbow 45 chosen here does not turn as the pipe does: choose another',
    ])
    expect(
      planJob(job(turned, { a: { fitting: byName('22 solder × 22 solder elbow 90') } }), catalogue).pieces[0]!.cut,
    ).not.toBeNull()
  })

  it('a tee with a thread for a branch takes two legs and wants no third', () => {
    const legs: SampleRun['legs'] = [
      ['cap:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'east', 1000, 'cap:e'],
    ]
    const open = (fitting?: string) =>
      planJob(job(legs, { t: fitting ? { fitting: byName(fitting) } : {} }), catalogue).checks.filter(
        ({ rule }) => rule === 'open-end',
      ).length
    expect([open(), open('22 solder × 22 solder × 3/4 F BSP tee')]).toEqual([1, 0])
  })

  it('a name that the catalogue does not know is kept as a label, and the plain fitting reckoned', () => {
    const plan = planJob(job(turned, { a: { fitting: byName('the old elbow') } }), catalogue)
    expect(plan.fittings.map(({ label }) => label)).toContain('the old elbow')
    expect(plan.pieces[0]!.cut).toBe(planJob(job(turned), catalogue).pieces[0]!.cut)
  })
})

describe('what may stand at a node', () => {
  it('an outlet: drop-ear elbow, angle stop, adapter, of the run’s method first', () => {
    const of = names(job(straight), 'e')
    expect(of.slice(0, 20)).toContain('22 solder × 1/2 F BSP drop-ear elbow')
    // Nobody makes an angle stop of 22.
    expect(of.filter((name) => name.includes('angle stop'))).toEqual([])
    expect(of).toContain('22 solder × 3/4 M BSP adapter')
    expect(of.findIndex((name) => !name.startsWith('22 solder'))).toBeGreaterThan(2)
    expect(of.every((name) => name.startsWith('22 '))).toBe(true)
    expect(names(job(straight, {}, pex), 'e')).toContain('1/2 crimp × 1/2 F NPT drop-ear elbow')
  })

  it('a corner: elbows that turn as it does; a cap: no adapter; an open end: nothing', () => {
    const of = names(job(turned), 'a')
    expect(of).toContain('22 solder × 22 solder elbow 90')
    expect(of.some((name) => name.includes('45'))).toBe(false)
    expect(names(job(turned), 'e')).toContain('22 solder cap')
    expect(names(job([['open:s', 'east', 1000, 'cap:e']]), 's')).toEqual([])
  })

  it('every one of them has a length there', () => {
    for (const kind of ['outlet', 'valve', 'union', 'slip-coupling', 'coupling'] as const) {
      const legs: SampleRun['legs'] =
        kind === 'outlet'
          ? [['cap:s', 'east', 1000, 'outlet:x']]
          : [
              ['cap:s', 'east', 1000, `${kind}:x`],
              [`${kind}:x`, 'east', 1000, 'cap:e'],
            ]
      const without = names(job(legs), 'x').filter((fitting) => {
        const [piece] = planJob(job(legs, { x: { fitting: byName(fitting) } }), catalogue).pieces
        return piece!.ends[1].takeOff === null
      })
      expect([kind, without]).toEqual([kind, []])
    }
  })
})
