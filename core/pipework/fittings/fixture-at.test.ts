import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../../catalogue/catalogue'
import type { Node } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { byName } from '../../testing/sample-choice'
import { pipeId, sampleJob } from '../../testing/sample-run'

const copper = pipeId('EN 1057', '15', 0.7)
const half = pipeId('ASTM F876', '1/2', 'pex-b')

/** A pair of outlets for one fixture, so far apart, off a run along the wall. */
const outlets = (apart: number, hot: Partial<Node>, cold: Partial<Node>, pipe = copper) =>
  planJob(
    sampleJob({
      pipe,
      method: pipe === copper ? 'solder' : 'crimp',
      legs: [
        ['cap:s', 'east', 600, 'tee:t'],
        ['t', 'up', 500, 'outlet:h'],
        ['t', 'east', apart, 'elbow:e'],
        ['e', 'up', 500, 'outlet:c'],
      ],
      nodes: { h: hot, c: cold },
    }),
    shippedCatalogue,
  )
const basin = (end: string, more: Partial<NonNullable<Node['fixture']>> = {}) => ({
  id: 'basin',
  kind: 'basin' as const,
  made: 'metric' as const,
  end,
  ...more,
})
const swivel = byName('15 solder × 1/2 F BSP swivel connector')
const about = (plan: ReturnType<typeof planJob>) =>
  plan.checks.filter(({ rule }) => rule.startsWith('fixture')).map(({ rule, message }) => `${rule} ${message}`)

describe('an outlet that leads to a fixture', () => {
  it('is joined to its tail on a washer: a joint of its own, a washer to bring, and no tape', () => {
    const plan = outlets(150, { fitting: swivel, fixture: basin('hot') }, { fitting: swivel, fixture: basin('cold') })
    const joint = plan.joints.find(({ id }) => id === 'r1/h/fixture')!
    expect(joint.inner!.fittings).toEqual(['15 solder × 1/2 F BSP swivel connector', 'wash basin, hot'])
    expect([joint.method, joint.verdict]).toEqual(['thread', 'fits'])
    expect(plan.sundries.find(({ item }) => item === '1/2 flat washer')?.count).toBe(2)
    expect(plan.supplies.map(({ item }) => item)).not.toContain('thread tape')
    expect(plan.fittings.map(({ label }) => label).join()).not.toContain('basin')
    expect(about(plan)).toEqual([])
  })

  it('by a hose from an angle stop has two joints, and the hose is brought', () => {
    const stop = byName('15 compression × 1/2 M BSP angle stop')
    const plan = outlets(
      300,
      { method: 'compression', fitting: stop, fixture: basin('hot', { hose: true }) },
      { method: 'compression', fitting: stop, fixture: basin('cold', { hose: true }) },
    )
    expect(plan.joints.filter(({ inner }) => inner).map(({ id }) => id)).toEqual([
      'r1/h/hose',
      'r1/h/fixture',
      'r1/c/hose',
      'r1/c/fixture',
    ])
    expect(plan.fittings.find(({ item }) => item === '1/2 F BSP × 1/2 F BSP hose')?.count).toBe(2)
    expect(plan.sundries.find(({ item }) => item === '1/2 flat washer')?.count).toBe(4)
    expect(about(plan), 'hoses take up what the ends differ').toEqual([])
  })

  it('by a supply hose from a stop of 3/8 brings the hose, whose nut is its own', () => {
    const stop = byName('1/2 crimp × 3/8 OD compression angle stop')
    const led = (end: string) => ({
      fitting: stop,
      fixture: basin(end, { made: 'imperial' as const, hose: true as const }),
    })
    const plan = outlets(203.2, led('hot'), led('cold'), half)
    expect(plan.fittings.find(({ item }) => item === '3/8 OD × 1/2 F NPT hose')?.count).toBe(2)
    expect(plan.joints.filter(({ inner }) => inner).map(({ id }) => id)).toEqual(['r1/h/fixture', 'r1/c/fixture'])
  })

  it('is told where its ends do not meet, or nothing was chosen, or the pair stands wrong', () => {
    const male = byName('15 solder × 1/2 M BSP adapter')
    const plan = outlets(190, { fitting: male, fixture: basin('hot') }, { fixture: basin('cold') })
    expect(about(plan)).toEqual(['fixture-end choose', 'fixture-end choose', 'fixture-centres apart'])
    expect(plan.joints.some(({ id }) => id.endsWith('/fixture'))).toBe(false)
    const near = outlets(159, { fitting: swivel, fixture: basin('hot') }, { fitting: swivel, fixture: basin('cold') })
    expect(about(near)).toEqual([])
    expect(about(outlets(150, { fixture: basin('spout') }, {}))).toEqual(['fixture-end unknown'])
  })
})
