import { choiceAsk, lengthAsk } from '../asks'
import type { InLine } from '../../job/job'
import { inRow, ofPolyethylene } from '../in-row'
import { pattern } from '../pattern'

/** What lies in the trench, what is done to its ends, and where it begins. */
const laid = {
  metric: {
    pipe: 'pe-en-12201-pe80-pe100-sdr11-25x2.3',
    method: 'compression-pe',
    from: 'at the boundary',
    ends: 'A liner in every end of the pipe.',
    small: ofPolyethylene,
    meter: '3/4 M BSP part in line',
  },
  imperial: {
    pipe: 'copper-soft-astm-b88-k-3-4',
    method: 'solder',
    from: 'at the curb stop',
    ends: 'No joint under the ground where one coil reaches.',
    small: undefined,
    meter: '3/4 M NPT part in line',
  },
} as const

/** A meter with the nuts and tails that it hangs in, from end to end, in mm; typical. */
const meterSize: Omit<InLine, 'name'> = { length: 300, tolerance: 40, basis: 'typical' }
/** From the drain valve to what follows it, and on from a meter, in mm. */
const beside = 350

/** A service pipe from the boundary to the valve just inside. */
export const servicePipe = pattern({
  id: 'service-pipe',
  name: 'Service pipe into the house',
  what: 'Pipe from the end at the boundary along a trench, up through the floor to the stop valve, its drain and the meter.',
  units: ['metric', 'imperial'],
  asks: {
    trench: lengthAsk('Length of the trench', [8000, 300], [1000, 50_000]),
    up: lengthAsk('From the trench up to the valve', [900, 36], [400, 3000]),
    meter: choiceAsk('Meter', [
      { value: 'none', label: 'None here' },
      { value: 'inside', label: 'Inside, over the valve' },
    ]),
  },
  draw({ asked: { trench, up, meter }, draft, units, say }) {
    const { pipe, method, from: begins, ends, small, meter: tails } = laid[units]
    const run = draft.run({ name: 'Service pipe', service: 'cold', pipe, method, place: { underground: true } })
    const from = draft.node(run, 'tie-in', { existing: pipe, at: [0, 0, -up], name: begins })
    const corner = draft.node(run, 'elbow')
    draft.leg({ from: from, direction: 'north', length: trench, to: corner })
    const valve = draft.node(run, 'valve', { name: 'stop valve' })
    draft.leg({ from: corner, direction: 'up', length: up, to: valve })
    const hung = (): string =>
      draft.node(run, 'in-line', {
        inLine: { name: 'meter', ...meterSize },
        fitting: { by: 'name', name: tails },
      })
    const end = draft.node(run, 'cap', { name: 'for the house' })
    const next = meter === 'inside' ? hung() : end
    inRow(draft, run, {
      ...{ from: valve, names: ['drain valve'], direction: 'up', last: beside, to: next },
      ...(small ? { small } : {}),
    })
    if (next !== end) draft.leg({ from: next, direction: 'up', length: beside, to: end })
    return [
      `The water company, its depth and its rules come first: typically ${say.length(750)} deep, below frost, clear of other services.`,
      'Sand round the pipe, warning tape over it, a duct through the wall, sealed. Photograph it before it is filled in.',
      ends,
      ...(meter === 'inside'
        ? ['The meter with its arrow to the house, and a bond across it where local code asks for one.']
        : []),
    ]
  },
})
