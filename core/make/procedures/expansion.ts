import { commonStart, waterCaution, type JointFigures, type Procedure } from '../procedure'

export function expansion({ insertion, socket }: JointFigures): Procedure {
  return {
    tools: ['expander', `${socket?.size ?? ''} head`.trim(), 'pipe shears'],
    consumables: [`${socket?.size ?? ''} expansion ring`.trim()],
    steps: [
      ...commonStart(insertion),
      { text: 'Ring flush with the end, or a little over it.' },
      { text: 'Expand and turn until the head bottoms, and no more.' },
      { text: 'Push home at once, to the stop, and hold until it grips. Colder is slower.' },
      { text: 'Below 5 °C wait much longer before pressure: the maker’s table says how long.' },
    ],
    inspection: ['ring against the shoulder, no gap'],
    spoils: ['pipe that does not recover', 'head not turned: grooves leak', 'pushed home too late'],
    apart: 'Cut it out; the fitting can be saved with gentle heat on the ring.',
    cautions: [waterCaution],
  }
}
