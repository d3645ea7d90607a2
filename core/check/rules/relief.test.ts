import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { Job, Node } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob, type SampleRun } from '../../testing/sample-run'

const pipe = pipeId('ASTM B88', '3/4', 'L')
const valve = { fixture: { id: 'heater', kind: 'water-heater', made: 'imperial', end: 'relief' } } as const
/** From the relief valve at the outlet `v`. */
const drawn = (
  legs: SampleRun['legs'],
  nodes: Record<string, Partial<Node>> = {},
  more: Partial<SampleRun> = {},
): Job => sampleJob({ pipe, method: 'solder', service: 'relief', legs, nodes: { v: valve, ...nodes }, ...more })
const said = (job: Job) =>
  planJob(job, catalogue).checks.flatMap(({ rule, message, verdict, leg, node }) =>
    rule.startsWith('relief') ? [`${verdict} ${message} ${leg ?? node}`] : [],
  )
/** Down 600 from the valve, then so, to an open end. */
const then = (direction: 'north' | 'up' | 'down', end = 'open:e') =>
  drawn([
    ['outlet:v', 'down', 600, 'elbow:b'],
    ['elbow:b', direction, 400, end],
  ])

it('lets a relief pipe fall all the way to its open end', () => {
  expect(said(drawn([['outlet:v', 'down', 1200, 'open:e']]))).toEqual([])
})

it('says where it lies level, and refuses where it rises', () => {
  expect(said(then('north'))).toEqual(['caution level l2'])
  expect(said(then('up'))).toEqual(['refuse rises l2'])
})

it('is led away from its valve, whichever way round it was drawn', () => {
  expect(said(drawn([['open:e', 'up', 1200, 'outlet:v']]))).toEqual([])
})

it('refuses a valve in it, a closed end and what else is joined to it; an end with a fitting is said', () => {
  const withValve = drawn([
    ['outlet:v', 'down', 600, 'valve:s'],
    ['valve:s', 'down', 400, 'open:e'],
  ])
  expect(said(withValve)).toEqual(['refuse valve s'])
  expect(said(then('down', 'cap:e'))).toEqual(['refuse closed e'])
  expect(said(then('down', 'outlet:e'))).toEqual(['caution threaded e'])
  const joined = then('down')
  const mixed = {
    ...joined,
    legs: joined.legs.map((leg) => (leg.id === 'l2' ? { ...leg, service: 'cold' as const } : leg)),
  }
  expect(said(mixed)).toContain('refuse joins b')
})

it('refuses half-inch pipe from a three-quarter valve, and where it narrows on its way', () => {
  const half = pipeId('ASTM B88', '1/2', 'L')
  const straight: SampleRun['legs'] = [['outlet:v', 'down', 1200, 'open:e']]
  expect(said(drawn(straight, {}, { pipe: half }))).toEqual(['refuse narrow l1'])
  const wide = then('down')
  const legs = wide.legs.map((leg) => (leg.id === 'l2' ? { ...leg, pipe: half } : leg))
  expect(said({ ...wide, legs })).toEqual(['refuse narrow l2'])
})

it('ends at most 150 mm, or 6 in, over the floor, where that was measured', () => {
  const over = (mm: number, units: Job['units']) =>
    said({ ...drawn([['outlet:v', 'down', 1200, 'open:e']], { e: { overFloor: mm } }), units })
  expect([over(150, 'metric'), over(152.4, 'metric')]).toEqual([[], ['caution high e']])
  expect([over(152.4, 'imperial'), over(160, 'imperial')]).toEqual([[], ['caution high e']])
})

it('says nothing of relief pipe that comes out', () => {
  const job = then('up')
  expect(said({ ...job, legs: job.legs.map((leg) => ({ ...leg, state: 'comes out' as const })) })).toEqual([])
})

it('asks for its valve where nobody said where it starts; relief pipe that is there is a start too', () => {
  const legs: SampleRun['legs'] = [['open:a', 'down', 1200, 'open:e']]
  expect(said(drawn(legs))).toEqual(['caution start a'])
  expect(said(drawn([['tie-in:t', 'down', 1200, 'open:e']], { t: { existing: pipe } }))).toEqual([])
})

it('is too hot for plastic', () => {
  const pex = pipeId('ASTM F876', '3/4')
  const job = drawn([['outlet:v', 'down', 1200, 'open:e']], {}, { pipe: pex, method: 'crimp' })
  const [joint] = planJob(job, catalogue).joints
  expect(joint!.reasons.map(({ rule }) => rule)).toContain('service-temperature')
})
