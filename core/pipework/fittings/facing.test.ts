import { expect, it } from 'vitest'
import { shippedCatalogue } from '../../catalogue/catalogue'
import { planJob } from '../../plan/plan-job'
import { speakerIn } from '../../speech'
import { pipeId, sampleJob, type SampleRun } from '../../testing/sample-run'
import { facing } from './facing'
import { byName, chained } from '../../testing/sample-choice'

function looks(legs: SampleRun['legs']): Record<string, string | null> {
  const plan = planJob(sampleJob({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs }), shippedCatalogue)
  const parts = new Map(plan.parts.map((part) => [part.id, part]))
  const told = plan.joints.map((joint) => {
    const way = facing(parts, joint)
    return [`${joint.node} ${joint.leg}`, way && speakerIn('metric').tell(way)] as const
  })
  return Object.fromEntries(told)
}

it('an elbow looks where the pipe goes on, and seen from its other end where the pipe came from', () => {
  expect(
    looks([
      ['open:s', 'east', 500, 'elbow:a'],
      ['a', 'up', 400, 'open:b'],
    ]),
  ).toEqual({ 'a l1': 'When made, its other end looks up', 'a l2': 'When made, its other end looks west' })
})

it('of a tee only what lies aside of the pipe says how it is turned; a straight fitting is never turned wrong', () => {
  expect(
    looks([
      ['open:s', 'north', 500, 'tee:t'],
      ['t', 'north', 400, 'coupling:c'],
      ['t', { bearing: 90, pitch: 0 }, 300, 'open:b'],
      ['c', 'north', 300, 'open:e'],
    ]),
  ).toEqual({
    't l1': 'When made, its other end looks east',
    't l2': 'When made, its other end looks east',
    't l3': 'When made, its other ends look south and north',
    'c l2': null,
    'c l4': null,
  })
})

it('a slant is said by its bearing and its pitch', () => {
  const { 'a l1': way } = looks([
    ['open:s', 'east', 500, 'elbow:a'],
    ['a', { bearing: 90, pitch: -45 }, 400, 'open:b'],
  ])
  expect(way).toBe('When made, its other end looks 90° from north, 45° down')
})

it('of two fittings one in the other each is told, where it can be turned wrong', () => {
  const drawn = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['cap:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'east', 800, 'cap:e'],
      ['tee:t', 'up', 1, 'elbow:b'],
      ['elbow:b', 'north', 600, 'cap:o'],
    ],
    nodes: { b: { fitting: byName('22 FTG × 22 solder street elbow 90') } },
  })
  const legs = drawn.legs.map((leg) => (leg.id === 'l3' ? { ...leg, state: 'no pipe' as const } : leg))
  const plan = planJob({ ...drawn, legs }, shippedCatalogue)
  const parts = new Map(plan.parts.map((part) => [part.id, part]))
  const told = (id: string) =>
    speakerIn('metric').tell(
      facing(
        parts,
        plan.joints.find((joint) => joint.id === id)!,
      )!,
    )
  expect(told('r1/t/l3')).toBe(
    'When made, the 22 solder tee looks west and east, the 22 FTG × 22 solder street elbow 90 looks north',
  )
  expect(told('r1/b/l4')).toBe('When made, its other end looks down')
})

it('of two straight fittings one in the other nothing is told', () => {
  const chain = {
    fittings: ['22 solder × 3/4 M BSP adapter', '22 press × 3/4 F BSP adapter'],
    joints: ['solder', 'press-metal'] as const,
  }
  const plan = planJob(
    sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['cap:s', 'east', 900, 'adapter:a'],
        ['a', 'east', 900, 'cap:e'],
      ],
      nodes: { a: { fitting: chained(chain.fittings, chain.joints) } },
    }),
    shippedCatalogue,
  )
  const inner = plan.joints.find((joint) => joint.inner)!
  expect(facing(new Map(plan.parts.map((part) => [part.id, part])), inner)).toBeNull()
})
