import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { drawRun } from '../draw/drawing'
import { setNode } from '../edit/edit-run'
import { pressKey, startEntry } from '../edit/legs/entry'
import { joinRuns } from '../edit/runs/join-runs'
import { addRun, emptyJob } from '../edit/new-job'
import { countedIds } from '../testing/sample-ids'
import type { Job } from '../job/job'
import { systemsOf } from '../job/system'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { said } from '../testing/said'
import { closingErrors } from './closing'
import { layOut, portAt } from './layout'
import { usualMixer } from './mixer'

const copper15 = pipeId('EN 1057', '15', 0.7)
/** Hot from a heater 400 west of the cold main's tee, both 1000 up to a mixer; a shower 900 up from it, a spout 100 down. */
const hot = sampleJob({
  pipe: copper15,
  method: 'compression',
  service: 'hot',
  legs: [
    ['tie-in:h', 'up', 1000, 'mixer:m'],
    ['mixer:m', 'up', 900, 'outlet:shower'],
    ['mixer:m', 'down', 100, 'outlet:spout'],
  ],
  nodes: { m: { measured: { takeOff: 30, tolerance: 1 } }, h: { at: [0, 0, 0] } },
})
const cold = sampleJob({
  pipe: copper15,
  method: 'compression',
  legs: [
    ['tie-in:c', 'east', 550, 'elbow:e'],
    ['elbow:e', 'up', 1000, 'open:x'],
  ],
})
const apart: Job = {
  ...hot,
  runs: [...hot.runs, { ...cold.runs[0]!, id: 'r2', name: 'Cold' }],
  nodes: [...hot.nodes, ...cold.nodes.map((node) => ({ ...node, run: 'r2' }))],
  legs: [...hot.legs, ...cold.legs.map((leg) => ({ ...leg, id: `c${leg.id}`, run: 'r2' }))],
}
const job = joinRuns(apart, 'm', 'x')
const layoutOf = (of: Job) => layOut(systemsOf(of)[0]!)
const place = (at: readonly number[] | undefined) => at?.map((mm) => Math.round(mm * 1000) / 1000 + 0)

describe('a mixer of four ports at 150 centres', () => {
  it('has hot on one side, cold on the other, and what it gives in its middle', () => {
    const layout = layoutOf(job)
    // Hot comes up at 0: the mixer's middle is 75 east of it, cold 150.
    expect(place(layout.places.get('m'))).toEqual([75, 0, 1000])
    const at = (leg: string) => place(portAt(layout, 'm', layout.leg.get(leg)!))
    expect([at('l1'), at('cl2'), at('l2'), at('l3')]).toEqual([
      [0, 0, 1000],
      [150, 0, 1000],
      [75, 0, 1000],
      [75, 0, 1000],
    ])
    expect(place(layout.places.get('shower'))).toEqual([75, 0, 1900])
    // Cold was drawn 550 east and 1000 up: it begins 400 west of the hot one.
    expect(place(layout.places.get('c'))).toEqual([-400, 0, 0])
  })

  it('each pipe is cut to its own inlet: 1000 less what was measured of the mixer and what its start takes', () => {
    const plan = planJob(job, catalogue)
    const up = plan.pieces.filter(({ legs }) => legs.includes('l1') || legs.includes('cl2'))
    expect(up.map(({ ends }) => ends.map(({ takeOff }) => takeOff)).flat()).toContain(30)
    for (const piece of up) {
      const takeOffs = piece.ends.reduce((sum, { takeOff }) => sum + takeOff!, 0)
      expect(piece.cut).toBeCloseTo(1000 - takeOffs, 6)
    }
    expect(plan.joints.filter(({ node }) => node === 'm')).toHaveLength(4)
    expect(plan.fittings.find(({ nodes }) => nodes.includes('m'))).toMatchObject({
      label: '15 compression mixer',
      count: 1,
    })
    expect(plan.checks.filter(({ node }) => node === 'm')).toEqual([])
  })

  it('both starts fixed, it closes where hot and cold stand as far apart as the mixer wants', () => {
    const fixed = (east: number) => closingErrors(layoutOf(setNode(job, 'r1', 'c', { at: [east, 0, 0] })))
    expect(fixed(-400)).toEqual([{ run: 'r1', x: 0, y: 0, z: 0 }])
    expect(fixed(-390)).toEqual([{ run: 'r1', x: 10, y: 0, z: 0 }])
    const wider = setNode(job, 'r1', 'm', { mixer: { ...usualMixer, centres: 160 } })
    expect(place(layoutOf(wider).places.get('c'))).toEqual([-390, 0, 0])
    const turned = setNode(job, 'r1', 'm', { mixer: { centres: 150, across: 'west' } })
    expect(place(layoutOf(turned).places.get('m'))).toEqual([-75, 0, 1000])
  })

  it('is drawn with its body between the two inlets', () => {
    const { bodies, legs } = drawRun(layoutOf(job), 'from the south')
    expect(bodies.map(({ leg, from, to }) => [leg, place(from), place(to)])).toEqual([
      ['l1', [0, -1000], [75, -1000]],
      ['cl2', [150, -1000], [75, -1000]],
    ])
    expect(place(legs.find(({ id }) => id === 'cl2')!.to)).toEqual([150, -1000])
  })

  it('its own figures are not guessed', () => {
    const { pieces } = planJob(setNode(job, 'r1', 'm', { measured: undefined }), catalogue)
    const unknown = pieces.filter(({ cut }) => cut === null)
    expect(unknown).toHaveLength(4)
    expect(said(unknown[0]!.missing)).toContain('measure from its middle')
  })

  it('says where hot or cold is missing, and takes four pipes and no more', () => {
    const checks = (of: Job) => planJob(of, catalogue).checks.filter(({ rule }) => rule === 'mixer-inlets')
    expect(checks(apart).map(({ values }) => values)).toEqual([{ hot: 1, cold: 0 }])
    const both = { ...job, runs: job.runs.map((run) => ({ ...run, service: 'hot' as const })) }
    expect(checks(both).map(({ values }) => values)).toEqual([{ hot: 2, cold: 0 }])
    const third = addRun(job, countedIds)
    const drawn = {
      ...third.job,
      legs: [
        ...third.job.legs,
        { ...job.legs[0]!, id: 'z', run: third.run, from: 'z', to: third.job.nodes.at(-1)!.id },
      ],
      nodes: [...third.job.nodes, { id: 'z', run: third.run, kind: 'open' as const }],
    }
    expect(() => joinRuns(drawn, 'm', third.job.nodes.at(-1)!.id)).toThrow(/no more legs fit/)
  })

  it('is put at an end by a key', () => {
    const { job: empty, run } = addRun(emptyJob('Typed', 'metric', 'metric'), countedIds)
    const typed = ['PageUp', ...'900', 'Enter', 'm'].reduce(
      (state, key) => pressKey(state.job, countedIds, state.entry, { key })!,
      { job: empty, entry: startEntry(run, systemsOf(empty)[0]!) },
    )
    expect(typed.job.nodes.at(-1)!.kind).toBe('mixer')
  })
})
