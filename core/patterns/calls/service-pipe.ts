import { lengthAsk } from '../asks'
import { pattern } from '../pattern'

/** What lies in the trench, what is done to its ends, and where it begins. */
const laid = {
  metric: {
    pipe: 'pe-en-12201-pe80-pe100-sdr11-25x2.3',
    method: 'compression-pe',
    from: 'at the boundary',
    ends: 'A liner in every end of the pipe. The drain goes above the valve.',
  },
  imperial: {
    pipe: 'copper-soft-astm-b88-k-3-4',
    method: 'solder',
    from: 'at the curb stop',
    ends: 'No joint under the ground where one coil reaches. The drain goes above the valve.',
  },
} as const

/** A service pipe from the boundary to the valve just inside. */
export const servicePipe = pattern({
  id: 'service-pipe',
  name: 'Service pipe into the house',
  what: 'Pipe from the end at the boundary along a trench, up through the floor to the stop valve.',
  units: ['metric', 'imperial'],
  asks: {
    trench: lengthAsk('Length of the trench', [8000, 300], [1000, 50_000]),
    up: lengthAsk('From the trench up to the valve', [900, 36], [400, 3000]),
  },
  draw({ asked: { trench, up }, draft, units, say }) {
    const { pipe, method, from: begins, ends } = laid[units]
    const run = draft.run({ name: 'Service pipe', service: 'cold', pipe, method, place: { underground: true } })
    const from = draft.node(run, 'tie-in', { existing: pipe, at: [0, 0, -up], name: begins })
    const corner = draft.node(run, 'elbow')
    draft.leg({ from: from, direction: 'north', length: trench, to: corner })
    const valve = draft.node(run, 'valve', { name: 'stop valve' })
    draft.leg({ from: corner, direction: 'up', length: up, to: valve })
    const end = draft.node(run, 'cap', { name: 'for the house' })
    draft.leg({ from: valve, direction: 'up', length: 200, to: end })
    return [
      `The water company, its depth and its rules come first: typically ${say.length(750)} deep, below frost, clear of other services.`,
      'Sand round the pipe, warning tape over it, a duct through the wall, sealed. Photograph it before it is filled in.',
      ends,
    ]
  },
})
