import { commonStart, waterCaution, type JointFigures, type Procedure, type Step } from '../procedure'
import { expansionHold } from '../wait'

/** The wait before pressure; the maker's table alone says it where the temperature is not known or too low. */
function holdStep(celsius: number | undefined): Step {
  const text = 'Leave it to shrink before pressure; below 5 °C much longer. The maker’s table overrules.'
  const seconds = celsius === undefined ? null : expansionHold(celsius)
  if (seconds === null) {
    const why = celsius === undefined ? 'say how warm it is here' : 'too cold for this table'
    return { text, figure: { label: 'Before pressure', text: 'by the maker’s table', basis: why } }
  }
  return { text, wait: { seconds, what: 'expanded joint shrinks', basis: `typical at ${celsius} °C` } }
}

export function expansion({ insertion, socket, celsius }: JointFigures): Procedure {
  return {
    tools: ['expander', `${socket?.size ?? ''} head`.trim(), 'pipe shears'],
    consumables: [`${socket?.size ?? ''} expansion ring`.trim()],
    steps: [
      ...commonStart(insertion),
      { text: 'Ring flush with the end, or a little over it.' },
      { text: 'Expand and turn until the head bottoms, and no more.' },
      { text: 'Push home at once, to the stop, and hold until it grips. Colder is slower.' },
      holdStep(celsius),
    ],
    inspection: ['ring against the shoulder, no gap'],
    spoils: ['pipe that does not recover', 'head not turned: grooves leak', 'pushed home too late'],
    apart: 'Cut it out; the fitting can be saved with gentle heat on the ring.',
    cautions: [waterCaution],
  }
}
