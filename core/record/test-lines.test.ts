import { expect, it } from 'vitest'
import { speakerIn } from '../speech'
import { testLines } from './test-lines'

const of = (body: object, more: object = {}) =>
  testLines(
    { begun: { body } as never, touches: [], pumped: null, openedAgain: [], joints: null, ...more },
    speakerIn('metric'),
  )

it('a test of all, from a gauge that nobody noted, has no line', () => {
  expect(of({})).toEqual([])
})

it('its part, its gauge, what was shut away and what was done to the pressure are a line each', () => {
  const gauge = { name: 'bench gauge', division: 0.05, above: -1200, checkedOn: '2026-03-02' }
  const isolated = [
    { what: 'water heater', did: 'shut off' },
    { what: 'washing machine', did: 'shut off' },
    { what: 'safety valve', did: 'plugged' },
    { what: 'meter', did: 'left on', bar: 10 },
    { what: 'vessel', did: 'not there' },
  ]
  const more = {
    joints: '3, 7 to 9',
    openedAgain: ['safety valve', 'safety valve'],
    pumped: { litres: 0.1, from: 4, to: 6 },
    touches: [{ seconds: 750, did: 'topped up' }],
  }
  expect(of({ gauge, isolated }, more)).toEqual([
    'Of a part: joints 3, 7 to 9.',
    'Gauge: bench gauge, reads to 0.05 bar, 1\u2009200\u2009mm below the lowest pipe, checked on 2026-03-02.',
    'Before it was raised, shut off: water heater, washing machine; plugged: safety valve; left on: meter, which bears 10.00 bar.',
    'Opened again: safety valve.',
    'Pump stroke: 0.1 l from 4.00 bar to 6.00 bar.',
    'Pressure touched: topped up at 12:30.',
  ])
})

it('joints that the plan no longer has are said so', () => {
  expect(of({}, { joints: '' })).toEqual(['Of a part: joints that are planned no more.'])
})
