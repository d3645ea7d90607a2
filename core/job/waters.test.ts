import { describe, expect, it } from 'vitest'
import { drainings } from '../assembly/draining'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { outletsOf } from '../commission/outlets'
import { contentOf } from '../flow/content'
import { flowPaths } from '../flow/path'
import { patterns } from '../patterns'
import { closedParts, scopeOf } from '../prove/closed-parts'
import { leaksOn } from '../prove/scope'
import { shutOffs } from '../record/shut-offs'
import { layOut } from '../run/layout'
import { shippedCosts as costs } from '../workshop/costs'
import { profileWith } from '../workshop/profile'
import type { Job } from './job'
import { systemsOf } from './system'
import { waterOf, watersOf } from './waters'

/** 400 to a valve, 300 to a manifold, and from it 3000, 4000 and 6000 along the floor and up to basin, toilet and sink. */
const homeRuns = (): Job => {
  let last = 0
  return patterns
    .find(({ id }) => id === 'home-runs')!
    .draw({}, { units: 'metric', catalogue, costs, ids: (prefix) => `${prefix}${++last}`, title: 'A call' })
}

describe('what a manifold joins', () => {
  const job = homeRuns()
  const profile = profileWith('metric', {})

  it('is one water of four systems, which begins where the water comes from', () => {
    expect(systemsOf(job)).toHaveLength(4)
    const [water, ...others] = watersOf(job)
    expect(others).toEqual([])
    expect(water!.runs).toHaveLength(4)
    expect(water!.nodes[0]!.kind).toBe('tie-in')
    expect(waterOf(job, job.runs[3]!.id)).toBe(water)
  })

  it('also where its feed was drawn last', () => {
    const turned: Job = {
      ...job,
      runs: job.runs.toReversed(),
      nodes: job.nodes.toSorted(
        (a, b) => job.runs.findIndex(({ id }) => id === b.run) - job.runs.findIndex(({ id }) => id === a.run),
      ),
    }
    expect(watersOf(turned)[0]!.nodes[0]!.kind).toBe('tie-in')
  })

  it('is fed by one way: the outlets are those of the fixtures, each as far as its feed and its own pipe', () => {
    const [water] = watersOf(job)
    const paths = flowPaths(catalogue, layOut(water!), 12, profile)
    expect(paths.map(({ length }) => length)).toEqual([700 + 3000 + 550, 700 + 4000 + 200, 700 + 6000 + 450])
    const [feed, basin] = job.runs.map(({ pipe }) => catalogue.pipe(pipe)!)
    expect(paths[0]!.content).toBeCloseTo(contentOf(feed!, 700) + contentOf(basin!, 3550), 9)
    // The basin stands 550 over the manifold: 0.55 m of water.
    expect(paths[0]!.height).toBeCloseTo(0.55 * 9.80665, 6)
    expect(outletsOf(catalogue, job, profile).map(({ name, far }) => [name.split(',')[0], far])).toEqual([
      ['kitchen sink', 7150],
      ['toilet', 4900],
      ['wash basin', 4250],
    ])
  })

  it('is shut by the valve before it, drained at its lowest outlet, and tested with its home runs', () => {
    expect(shutOffs(job).map(({ valve, shuts }) => [valve, shuts])).toEqual([
      ['manifold valve', ['wash basin', 'toilet', 'kitchen sink']],
    ])
    const [draining, ...others] = drainings(catalogue, job)
    expect(others).toEqual([])
    // All stands on the floor, below each outlet: nothing runs off by one, but of the uprights what is over the toilet's 200.
    expect(draining).toMatchObject({ lowest: 'toilet', highest: 'wash basin' })
    const parts = closedParts(job)
    expect(parts.map(({ legs }) => legs.length)).toEqual([1, 1 + 3 + 6])
    expect(leaksOn(job, scopeOf(parts, [parts[1]!]))).toEqual([])
  })

  it('is not closed off at its outlets: a test of the feed alone goes on into the home runs', () => {
    const feed = job.legs.filter(({ run }) => run === job.runs[0]!.id).map(({ id, run }) => `${run}/${id}`)
    expect(leaksOn(job, { legs: feed })).toHaveLength(1)
  })

  it('is told apart by its fixture: without one, each is a water of its own', () => {
    const alone = { ...job, nodes: job.nodes.map(({ fixture: _, ...node }) => node) }
    expect(watersOf(alone)).toEqual(systemsOf(alone))
  })
})
