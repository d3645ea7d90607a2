import { describe, expect, it } from 'vitest'
import { pressKey } from '../edit/legs/entry'
import { bringToHeight } from '../edit/legs/heights'
import { turnRun } from '../edit/runs/turn-round'
import { countedIds } from '../testing/sample-ids'
import { shippedCatalogue } from '../catalogue/catalogue'
import { systemsOf } from '../job/system'
import type { Job, Node } from '../job/job'
import { planJob } from '../plan/plan-job'
import { said } from '../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { floorErrors, floorOf, heightFromStart, overFloor, toldHeight } from './floor'
import { layOut } from './layout'

/** Up 300 from the start, along 1000 to a tee, and up 640 to a basin. */
const legs: SampleRun['legs'] = [
  ['tie-in:s', 'up', 300, 'elbow:a'],
  ['elbow:a', 'east', 1000, 'tee:t'],
  ['tee:t', 'up', 640, 'outlet:basin'],
]
const job = (nodes: Record<string, Partial<Node>>, more: Partial<SampleRun> = {}) =>
  sampleJob({ pipe: pipeId('EN 1057', '15', 0.7), method: 'solder', legs, nodes, ...more })
const layout = (of: Job) => layOut(systemsOf(of)[0]!)

describe('the floor', () => {
  it('is where a node was measured from it: the tee, drawn at 300, stands 450 over it, so that it is 150 under the start', () => {
    const of = layout(job({ t: { overFloor: 450 } }))
    expect(floorOf(of)).toBe(-150)
    // By hand: 300 + 640 drawn, and the 150 under the start.
    expect(overFloor(of, 'basin')).toBe(1090)
    expect(overFloor(of, 's')).toBe(150)
  })

  it('is not known where nobody measured, nor by a node whose own height nobody knows', () => {
    expect(floorOf(layout(job({})))).toBeNull()
    expect(overFloor(layout(job({})), 'basin')).toBeNull()
    const loose = { ...job({ basin: { overFloor: 1000 } }) }
    const unknown = { ...loose, legs: loose.legs.map((leg) => (leg.id === 'l3' ? { ...leg, length: null } : leg)) }
    expect(floorOf(layout(unknown))).toBeNull()
    const by = {
      ...unknown,
      nodes: unknown.nodes.map((node) => (node.id === 's' ? { ...node, overFloor: 100 } : node)),
    }
    expect([overFloor(layout(by), 't'), overFloor(layout(by), 'basin')]).toEqual([400, null])
  })

  it('stays where it is when the run is turned round', () => {
    const at = job({ t: { overFloor: 450 } })
    const straight = {
      ...at,
      legs: at.legs.filter(({ id }) => id !== 'l3'),
      nodes: at.nodes.filter(({ id }) => id !== 'basin'),
    }
    expect(overFloor(layout(turnRun(straight, 'r1')), 's')).toBe(150)
  })

  it('measured twice and not the same is said: 30 too low', () => {
    const of = job({ s: { overFloor: 150 }, basin: { overFloor: 1120 } })
    expect(floorErrors(layout(of))).toEqual([{ node: 'basin', by: 30 }])
    const check = planJob(of, shippedCatalogue).checks.find(({ rule }) => rule === 'height')!
    expect(said(check)).toMatch(/stands 30 mm too low for the 1 120 mm measured over the floor/)
    const same = planJob(job({ s: { overFloor: 150 }, basin: { overFloor: 1090 } }), shippedCatalogue)
    expect(same.checks.filter(({ rule }) => rule === 'height')).toEqual([])
  })

  it('a height over it is reached by the upright leg: 1000 over the floor is 850 over the start', () => {
    const here = job({ t: { overFloor: 450 } })
    const height = heightFromStart(layout(here), 1000)
    const at = bringToHeight(here, 'r1', 'basin', height)
    expect([height, toldHeight(layout(at), height)]).toEqual([850, 1000])
    expect(overFloor(layout(at), 'basin')).toBe(1000)
    // Where nobody measured from the floor, heights are told from the start.
    expect([heightFromStart(layout(job({})), 1000), toldHeight(layout(job({})), 1000)]).toEqual([1000, 1000])
  })

  it('is what a height typed while drawing counts from: up to 2100 over it is 1010 from the basin’s end, which is at 1090', () => {
    const entry = { run: 'r1', cursor: 'basin', direction: null, typed: '2100', problem: '' }
    const drawn = pressKey(job({ t: { overFloor: 450 } }), countedIds, entry, { key: 'h' })
    expect(drawn?.job.legs.at(-1)).toMatchObject({ length: 1010, direction: 'up' })
  })

  it('a fixed height that is missed is told over the floor, where it is known', () => {
    const misses = job({ t: { overFloor: 450 }, basin: { height: 950 } })
    const check = planJob(misses, shippedCatalogue).checks.find(({ rule }) => rule === 'height')!
    expect(said(check)).toMatch(/stands 10 mm too low for its height of 1 100 mm over the floor/)
  })
})
