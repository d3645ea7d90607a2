import { describe, expect, it } from 'vitest'
import { drainings } from '../assembly/draining'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { placeTexts } from '../draw/place-texts'
import { drawRun } from '../draw/drawing'
import { flowPaths } from '../flow/path'
import type { Job, Leg } from '../job/job'
import { systemsOf } from '../job/system'
import { pipeId, sampleJob } from '../testing/sample-run'
import { profiles } from '../workshop/profile'
import { heightErrors } from './heights'
import { layOut } from './layout'
import { levelsOf } from './levels'
import { unknownHeights } from './unknown-heights'

/** From a tank down to a tee, on to two outlets; how far down, nobody measured. */
const drawn = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['tie-in:tank', 'down', 3000, 'tee:t'],
    ['tee:t', 'east', 1000, 'outlet:basin'],
    ['tee:t', 'west', 500, 'elbow:e'],
    ['elbow:e', 'down', 400, 'outlet:tap'],
  ],
  nodes: { basin: { height: -2000 } },
})
const first = (change: Partial<Leg>): Job => ({
  ...drawn,
  legs: drawn.legs.map((leg) => (leg.id === 'l1' ? { ...leg, state: 'existing', ...change } : leg)),
})
const layoutOf = (job: Job) => layOut(systemsOf(job)[0]!)
const unmeasured = layoutOf(first({ length: null }))

describe('heights beyond pipe whose length does not matter', () => {
  it('are not known where it leads up or down, and are where it is level or was measured', () => {
    expect([...unknownHeights(unmeasured)].toSorted()).toEqual(['basin', 'e', 't', 'tap'])
    expect(unknownHeights(layoutOf(first({ length: null, direction: 'north' }))).size).toBe(0)
    expect(unknownHeights(layoutOf(first({ length: null, direction: { bearing: 0, pitch: -5 } }))).size).toBe(4)
    expect(unknownHeights(layoutOf(first({}))).size).toBe(0)
  })

  it('are known where a measured way leads there too', () => {
    const ring = first({ length: null })
    const beside: Leg = { ...drawn.legs[0]!, id: 'l5', from: 'tank', to: 'e', direction: 'down', length: 2900 }
    expect(unknownHeights(layoutOf({ ...ring, legs: [...ring.legs, beside] })).size).toBe(0)
  })

  it('are neither written nor missed, nor is there a pressure or a time by them', () => {
    const written = (of: typeof unmeasured) => [...placeTexts(drawRun(of), 20).heights.keys()]
    expect([written(unmeasured), written(layoutOf(drawn))]).toEqual([['tank'], ['tank', 'basin', 'tap']])
    expect([heightErrors(unmeasured), heightErrors(layoutOf(drawn))]).toEqual([
      [],
      [{ node: 'basin', height: -2000, by: 1000 }],
    ])
    const pressures = (of: typeof unmeasured) =>
      flowPaths(catalogue, of, 10, profiles.metric).map(({ height }) => height)
    expect(pressures(unmeasured)).toEqual([null, null])
    expect(pressures(layoutOf(drawn))[0]).toBeCloseTo(-3 * 9.80665, 4)
    const [lost, known] = [first({ length: null }), drawn].map((job) => drainings(catalogue, job)[0]!.seconds)
    expect(lost).toBeNull()
    expect(known).toBeGreaterThan(0)
  })

  it('of what stays in a low place, measured pipe alone is told', () => {
    const trap = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['tie-in:s', 'down', 300, 'elbow:a'],
        ['elbow:a', 'east', 1000, 'elbow:b'],
        ['elbow:b', 'up', 300, 'outlet:o'],
      ],
    })
    const job: Job = {
      ...trap,
      legs: trap.legs.map((leg) => (leg.id === 'l2' ? { ...leg, state: 'existing', length: null } : leg)),
    }
    const keeps = levelsOf(layoutOf(job)).points.flatMap((point) => point.keeps)
    expect(keeps.map(({ leg, length }) => [leg, length])).toEqual([
      ['l1', 300],
      ['l3', 300],
    ])
  })
})
