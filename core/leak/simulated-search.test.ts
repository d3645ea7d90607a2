import { describe, expect, inject, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { median } from '../prove/readings'
import { randomStream } from '../quantity/random-stream'
import { made, plain, slowDrip, sought } from '../testing/sample-leak'
import { lineWithValves } from '../testing/sample-run'
import { drawLeak, secondsBySearch, secondsInOrder } from './simulated-search'
import { spotsOf } from './spots'
import { suspectsOf } from './suspects'
import { valveSides, type ValveSides } from './valve-sides'

const truth = (leaks: string) => ({ leaks, loss: slowDrip })

describe('simulated leaks', () => {
  it('round in order: a look at every place, then tissue, until it is seen where it is; 2 s from each to the next', () => {
    const three = sought(['a', 'b', 'c'].map((id) => plain(id, 1)))
    expect(secondsInOrder(three, truth('b'), () => 0)).toBe(15 + 2 + 15)
    // Seen by the first tissue: three looks, back over 2 m, two tissues. Then by the second.
    expect(secondsInOrder(three, truth('b'), () => 0.9)).toBe(49 + 4 + 90 + 2 + 90)
    const twice = [0.1, 0.99, 0.99]
    expect(secondsInOrder(three, truth('b'), () => twice.pop()!)).toBe(49 + 4 + 274 + 4 + 90 + 2 + 90)
  })

  it('by what the search says next: the walk and each check are counted until it is seen where it is', () => {
    const two = sought([plain('a', 3), plain('b', 1)])
    expect(secondsBySearch(two, truth('a'), () => 0)).toBe(2)
    // Not seen by walking, seen by the look at the second.
    const drawn = [0, 0.99]
    expect(secondsBySearch(two, truth('b'), () => drawn.pop()!)).toBe(2 + 15 + 17)
  })

  it('a valve that shows the wrong side costs more than one that shows the right one', () => {
    const many = Array.from({ length: 40 }, (_, at) => plain(`p${at}`, 1))
    const valve: ValveSides = { id: 'r/v', run: 'r', node: 'v', beyond: new Set(many.slice(20).map(({ id }) => id)) }
    const line = { ...sought(many, [valve]), loss: { ...slowDrip, barPerMinute: 6 } }
    const seconds = (leaks: string, ofValve: number) => {
      // The walk sees nothing, the valve answers, then all is seen.
      const stream = [ofValve, 0.99]
      return secondsBySearch(line, truth(leaks), () => stream.pop() ?? 0)
    }
    // 40 s of walking, 91 of the valve, 15 of a look.
    expect([seconds('p0', 0), seconds('p20', 0)]).toEqual([146, 146])
    for (const leaks of ['p0', 'p20']) expect(seconds(leaks, 0.92)).toBeGreaterThan(146)
  })

  it('are found in at most 0.4 of the seconds of going round in order, at the median', () => {
    const random = randomStream(inject('seed'))
    const long = lineWithValves(60, 10)
    const plan = planJob(long, catalogue)
    const found = Array.from({ length: 60 }, () => {
      // As they were made: one in twelve unmarked, ungauged or not ticked at all.
      const entries = plan.joints.flatMap(({ id }) => {
        const careless = random()
        const gauged = careless > 0.09 ? { gauge: 'goes' } : {}
        return careless < 0.03 ? [] : [made(id, { ringPlaced: true, atShoulder: careless > 0.06, ...gauged })]
      })
      const suspects = suspectsOf(long, plan, siteState(plan, entries))
      // From 0.1 ml a minute to a litre, from one that falls by 1 bar a minute to one of 0.1.
      const loss = { medium: 'water', mlPerMinute: 0.1 * 10 ** (4 * random()), barPerMinute: 10 ** -random() } as const
      const line = { spots: spotsOf(long, suspects), valves: valveSides(long, suspects), loss }
      const of = { leaks: drawLeak(suspects, random), loss }
      return { searched: secondsBySearch(line, of, random), inOrder: secondsInOrder(line, of, random) }
    })
    const inOrder = median(found.map((of) => of.inOrder))
    expect(median(found.map(({ searched }) => searched))).toBeLessThan(0.4 * inOrder)
  })
})
