import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { nameChosen } from '../job/chosen'
import type { FixtureAt, Job } from '../job/job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { leadTo, newFixtureId } from './lead-to'

const copper = pipeId('EN 1057', '15', 0.7)
const pair = (): Job =>
  sampleJob({
    pipe: copper,
    method: 'solder',
    legs: [
      ['cap:s', 'east', 600, 'tee:t'],
      ['t', 'up', 500, 'outlet:a'],
      ['t', 'east', 150, 'outlet:b'],
    ],
  })
const to = (end: string, more: Partial<FixtureAt> = {}): Omit<FixtureAt, 'id'> => ({
  kind: 'basin',
  made: 'metric',
  end,
  ...more,
})
const lead = (job: Job, node: string, led: Omit<FixtureAt, 'id'> | null) =>
  leadTo(catalogue, job, { run: 'r1', node, to: led })
const at = (job: Job, id: string) => job.nodes.find((node) => node.id === id)!

describe('an outlet led to a fixture', () => {
  it('gets the fitting that meets it; hot and cold are of one basin, the next pair of another', () => {
    const both = lead(lead(pair(), 'a', to('cold')), 'b', to('hot'))
    expect(nameChosen(at(both, 'a'))?.name).toBe('15 solder × 1/2 F BSP swivel connector')
    expect(['a', 'b'].map((id) => at(both, id).fixture!.id)).toEqual(['basin', 'basin'])
    expect(at(lead(lead(pair(), 'a', to('cold')), 'b', to('cold')), 'b').fixture!.id).toBe('basin 2')
    expect(at(lead(both, 'a', to('cold')), 'a').fixture!.id, 'led anew it stays the same').toBe('basin')
  })

  it('by a hose gets a stop, and what was measured of the fitting before is gone', () => {
    const measured = pair()
    const job = {
      ...measured,
      nodes: measured.nodes.map((node) =>
        node.id === 'a' ? { ...node, measured: { takeOff: 9, tolerance: 1 } } : node,
      ),
    }
    const led = at(lead(job, 'a', to('cold', { hose: true })), 'a')
    expect([nameChosen(led)?.name, led.fixture!.hose, led.measured]).toEqual([
      '15 solder × 1/2 M BSP angle stop',
      true,
      undefined,
    ])
  })

  it('takes no name that another has', () => {
    expect(newFixtureId('basin', ['basin', 'basin 2', 'sink'])).toBe('basin 3')
  })

  it('leads to none again, and keeps its fitting', () => {
    const led = lead(pair(), 'a', to('cold'))
    const none = at(lead(led, 'a', null), 'a')
    expect([none.fixture, none.fitting]).toEqual([undefined, at(led, 'a').fitting])
  })
})
