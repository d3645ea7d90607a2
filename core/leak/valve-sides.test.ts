import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { ids, job, plan, search, suspects } from '../testing/sample-leak'
import { suspectsOf } from './suspects'
import { valveSides } from './valve-sides'
import { byName } from '../testing/sample-choice'

describe('what a valve parts', () => {
  it('beyond it lie its far joint, the legs and joints after it', () => {
    const of = suspects([])
    const [valve, ...others] = valveSides(job, of)
    expect(others).toEqual([])
    expect([...valve!.beyond].sort()).toEqual(
      [...ids.filter((id) => /\/(a|e)\/|\/v\/l2/.test(id)), 'leg/r1/l2', 'leg/r1/l3'].sort(),
    )
  })

  it('parts nothing of another run, which stays on the side where its own begins', () => {
    const both = withCopy(job, 'r2')
    const twice = {
      ...both,
      nodes: both.nodes.map((node) => (node.id === 'r2·v' ? { ...node, kind: 'coupling' as const } : node)),
    }
    const [valve, ...others] = valveSides(twice, suspectsOf(twice, planJob(twice, catalogue), siteState(plan, [])))
    expect(others).toEqual([])
    expect([...valve!.beyond].every((id) => id.startsWith('r1/') || id.startsWith('leg/r1/'))).toBe(true)
    const of = suspectsOf(both, planJob(both, catalogue), siteState(plan, []))
    const valves = valveSides(both, of)
    expect(valves.map(({ id }) => id)).toEqual(['r1/v', 'r2/v'])
    // Shut in one run, the valve of the other is neither shut nor told.
    const { places } = search(of, valves, [{ check: 'valve', at: 'r2/v', result: 'beyond' }])
    const chance = places.filter(({ spot }) => valves[1]!.beyond.has(spot.id)).reduce((sum, at) => sum + at.chance, 0)
    expect(chance).toBeGreaterThan(0.8)
  })

  it('is nothing where all that is sought lies beyond it, or where the run begins with it', () => {
    const of = suspects([])
    const [valve] = valveSides(job, of)
    expect(
      valveSides(
        job,
        of.filter(({ id }) => valve!.beyond.has(id)),
      ),
    ).toEqual([])
    const first = { ...job, nodes: [job.nodes[1]!, job.nodes[0]!, ...job.nodes.slice(2)] }
    expect(valveSides(first, suspectsOf(first, planJob(first, catalogue), siteState(plan, [])))).toEqual([])
  })

  it('and the joints between fittings there', () => {
    const street = '22 FTG × 22 solder street elbow 90'
    const drawn = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['cap:s', 'east', 500, 'valve:v'],
        ['valve:v', 'east', 900, 'tee:t'],
        ['tee:t', 'east', 400, 'cap:e'],
        ['tee:t', 'up', 1, 'elbow:b'],
        ['elbow:b', 'north', 300, 'cap:o'],
      ],
      nodes: { b: { fitting: byName(street) } },
    })
    const close = {
      ...drawn,
      legs: drawn.legs.map((leg) => (leg.id === 'l4' ? { ...leg, state: 'no pipe' as const } : leg)),
    }
    const of = suspectsOf(close, planJob(close, catalogue), siteState(planJob(close, catalogue), []))
    const [valve] = valveSides(close, of)
    expect(valve!.beyond.has('r1/t/l4')).toBe(true)
    // No pipe, nothing of it that could leak.
    expect(of.some(({ id }) => id === 'leg/r1/l4')).toBe(false)
    expect(valve!.beyond.has('r1/s/l1')).toBe(false)
  })

  it('is nothing in a ring', () => {
    const ring = {
      ...job,
      legs: [...job.legs, { ...job.legs[2]!, id: 'l4', from: 'e', to: 's' }],
    }
    expect(valveSides(ring, suspectsOf(ring, planJob(ring, catalogue), siteState(plan, [])))).toEqual([])
  })
})
