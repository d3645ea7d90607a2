import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { speakerIn } from '../speech'
import { withBranch } from '../testing/with-branch'
import { needsByVisit, neededWithin } from './needs-by-visit'

const words = { units: 'metric', say: speakerIn('metric') } as const
const roughIn = { id: 'first', on: '2026-12-01', runs: ['r1'] }
const rest = { id: 'second', on: '2026-12-04' }
const needs = (...visits: { id: string; on: string; runs?: string[] }[]) => {
  const job = withBranch('cap', { visits })
  return needsByVisit(catalogue, job, planJob(job, catalogue), words)
}
const [copper, cap, tee] = ['22 × 0.9 copper half-hard · EN 1057 R250', '22 solder cap', '22 solder tee'] as [
  string,
  string,
  string,
]
const counted = (of: readonly { what: string; count: number }[]) =>
  Object.fromEntries(of.flatMap(({ what, count }) => ([copper, cap, tee].includes(what) ? [[what, count]] : [])))

it('counts up to each visit: a length of pipe serves at the next, a shared tee comes with what is joined to it first', () => {
  const { upTo } = needs(rest, roughIn)
  expect(upTo!.map(({ on, needed }) => [on, counted(needed)])).toEqual([
    ['2026-12-01', { [copper]: 1, [cap]: 2, [tee]: 1 }],
    ['2026-12-04', { [copper]: 1, [cap]: 3, [tee]: 1 }],
  ])
  const branchFirst = needs({ ...roughIn, runs: ['r2'] }, rest)
  expect(counted(branchFirst.upTo![0]!.needed)).toEqual({ [copper]: 1, [cap]: 1, [tee]: 1 })
})

it('is the whole job’s at the last visit', () => {
  const { whole, upTo } = needs(roughIn, rest)
  expect(upTo!.at(-1)!.needed).toEqual(whole)
})

it('tells what the visits of some days need, and what was brought before them', () => {
  const of = needs(roughIn, rest)
  const within = (from: string, until: string) => {
    const { needed, earlier } = neededWithin(of, from, until)
    return [counted(needed)[cap] ?? 0, counted(earlier)[cap] ?? 0]
  }
  expect(within('2026-12-04', '2026-12-05')).toEqual([3, 2])
  expect(within('2026-12-01', '2026-12-02')).toEqual([2, 0])
  expect(within('2026-12-01', '2026-12-04')).toEqual([2, 0])
})

it('is all of it at any visit where nobody said what is made when', () => {
  const silent = { id: 'third', on: '2026-12-05' }
  for (const of of [needs(rest), needs(rest, silent)]) {
    expect(of.upTo).toBeNull()
    expect(neededWithin(of, '2026-12-05', '2026-12-06')).toEqual({ needed: of.whole, earlier: [] })
  }
})
