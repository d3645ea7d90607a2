import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { shippedCosts as costs } from '../workshop/costs'
import { patterns } from '.'
import { addToJob } from './add-to-job'

it('sets a call beside what a job has: its runs, its notes, and a metre between the two', () => {
  let last = 0
  const to = {
    units: 'metric',
    catalogue,
    costs,
    ids: (prefix: string) => `${prefix}${++last}`,
    title: 'A job',
  } as const
  const [valve, basin] = ['valve-in', 'rough-in'].map((id) => patterns.find((of) => of.id === id)!.draw({}, to))
  const both = addToJob(valve!, basin!)
  expect(both.runs).toHaveLength(valve!.runs.length + basin!.runs.length)
  expect(both.note!.split('\n')).toEqual([...valve!.note!.split('\n'), ...basin!.note!.split('\n')])
  const [first, second] = basin!.nodes.flatMap(({ at }) => (at ? [at] : []))
  const norths = both.nodes.flatMap(({ at, kind }) => (at && kind === 'tie-in' ? [at[1]] : []))
  expect(norths).toEqual([first![1] + 1000, second![1] + 1000])
  const twice = addToJob(both, basin!)
  expect(new Set(twice.nodes.flatMap(({ fixture }) => fixture?.id ?? [])), 'two basins').toEqual(
    new Set(['fixture', 'fixture 2']),
  )
  expect(planJob(both, catalogue).joints).toHaveLength(
    planJob(valve!, catalogue).joints.length + planJob(basin!, catalogue).joints.length,
  )
})
