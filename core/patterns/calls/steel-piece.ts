import { fixtureAsk, lengthAsk, newAsk } from '../asks'
import { pattern } from '../pattern'

const steel = {
  metric: [
    { value: 'galvanised-steel-en-10255-medium-1-2', label: '1/2 galvanised' },
    { value: 'galvanised-steel-en-10255-medium-3-4', label: '3/4 galvanised' },
  ],
  imperial: [
    { value: 'galvanised-steel-astm-a53-schedule-40-1-2', label: '1/2 galvanized' },
    { value: 'galvanised-steel-astm-a53-schedule-40-3-4', label: '3/4 galvanized' },
  ],
} as const

/** A length of old steel replaced by new pipe between two ends that stay for now. */
export const steelPiece = pattern({
  id: 'steel-piece',
  name: 'Replace a length of old steel',
  what: 'New pipe between two ends of galvanised pipe that stay for now, with what may stay between them.',
  units: ['metric', 'imperial'],
  asks: {
    steel: fixtureAsk('Old steel', steel),
    new: newAsk,
    first: lengthAsk('From one end of the steel to the corner', [1500, 60], [300, 10_000]),
    second: lengthAsk('From the corner to the other end', [1200, 48], [300, 10_000]),
  },
  draw({ asked: { steel: pipe, new: way, first, second }, draft }) {
    const run = draft.run({ name: 'Instead of steel', service: 'cold', pipe: way.pipe, method: way.method })
    const from = draft.node(run, 'tie-in', { existing: pipe, at: [0, 0, 0] })
    const corner = draft.node(run, 'elbow')
    draft.leg({ from, direction: 'east', length: first, to: corner })
    const end = draft.node(run, 'tie-in', { existing: pipe })
    draft.leg({ from: corner, direction: 'north', length: second, to: end })
    return [
      'Unscrew the steel back to a sound fitting, and hold back: an old thread further on may crack.',
      'Brass between zinc and copper. Rust comes loose: flush before any tap or valve is opened fully.',
      'Old steel may have bonded the electrics: a licensed electrician looks before it is parted.',
      'Cap both ends meanwhile, so that the house has its water each night.',
    ]
  },
})
