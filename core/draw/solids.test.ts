import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { distance, lengthOf, minus, type Vector } from '../quantity/vector'
import { pipeId, sampleSystem } from '../testing/sample-run'
import { solidsOf } from './solids'

const copper = pipeId('EN 1057', '22', 0.9)
const rounded = (of: Vector | undefined) => of?.map((mm) => Math.round(mm * 10) / 10 + 0)

describe('a run in the round', () => {
  it('is pipe of its own diameter between its nodes, and an arm of each fitting about its end', () => {
    const system = sampleSystem({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'up', 400, 'open:e'],
      ],
    })
    const solids = solidsOf(catalogue, system)
    expect(solids.map(({ of, id, od }) => [of, id, Math.round(od * 10) / 10])).toEqual([
      ['leg', 'l1', 22],
      ['leg', 'l2', 22],
      ['node', 'a', 28.2],
      ['node', 'a', 28.2],
    ])
    expect(solids[1]!.along.map(rounded)).toEqual([
      [1000, 0, 0],
      [1000, 0, 400],
    ])
    // An arm reaches 1.15 diameters from the centre towards its pipe.
    expect(solids[2]!.along.map(rounded)).toEqual([
      [1000, 0, 0],
      [974.7, 0, 0],
    ])
  })

  it('a pulled bend goes round its centre at its radius, and its pipes end where it begins', () => {
    const system = sampleSystem({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'bend:b'],
        ['bend:b', 'north', 600, 'open:e'],
      ],
      nodes: { b: { radius: 100 } },
    })
    const solids = solidsOf(catalogue, system)
    const straight = solids.filter(({ of }) => of === 'leg').map(({ along }) => along.map(rounded))
    // A quarter turn of 100 begins 100 before the corner.
    expect(straight).toEqual([
      [
        [0, 0, 0],
        [900, 0, 0],
      ],
      [
        [1000, 100, 0],
        [1000, 600, 0],
      ],
    ])
    const [bend] = solids.filter(({ of }) => of === 'node')
    for (const place of bend!.along) expect(distance(place, [900, 100, 0])).toBeCloseTo(100, 6)
    expect([bend!.along[0], bend!.along.at(-1)].map(rounded)).toEqual([
      [900, 0, 0],
      [1000, 100, 0],
    ])
  })

  it('a bend of 45 degrees begins at its radius times the tangent of 22.5', () => {
    const system = sampleSystem({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'bend:b'],
        ['bend:b', { bearing: 45, pitch: 0 }, 600, 'open:e'],
      ],
      nodes: { b: { radius: 100 } },
    })
    const [first] = solidsOf(catalogue, system)
    expect(lengthOf(minus(first!.along[1]!, [1000, 0, 0]))).toBeCloseTo(100 * Math.tan(Math.PI / 8), 6)
  })

  it('a valve has its spindle across the pipe; pipe that is there is marked', () => {
    const system = sampleSystem({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'up', 500, 'valve:v'],
        ['valve:v', 'up', 500, 'open:e'],
      ],
    })
    const there = {
      ...system,
      legs: system.legs.map((leg, at) => (at === 0 ? { ...leg, state: 'existing' as const } : leg)),
    }
    const solids = solidsOf(catalogue, there)
    const spindle = solids.at(-1)!
    const [from, to] = spindle.along
    expect(rounded(minus(to!, from!))!.map(Math.sign)).toEqual([0, 1, 0])
    expect(solids.filter(({ of }) => of === 'leg').map(({ isThere }) => isThere)).toEqual([true, false])
  })
})
