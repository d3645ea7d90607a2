import { commonStart, waterCaution, type JointFigures, type Procedure, type Step } from '../procedure'
import { expansionHold } from '../../methods/wait'

/** The wait before pressure; the maker's table alone says it where the temperature is not known or too low. */
function holdStep({ celsius, say }: JointFigures): Step {
  const text = `Leave it to shrink before pressure; below ${say.temperature(cold)} much longer. The maker’s table comes first.`
  const seconds = celsius === undefined ? null : expansionHold(celsius)
  if (celsius === undefined || seconds === null) {
    const why = celsius === undefined ? 'enter the temperature here' : 'too cold for this table'
    return { text, figure: { label: 'Before pressure', text: 'by the maker’s table', basis: why } }
  }
  return {
    text,
    wait: { seconds, what: 'expanded joint shrinks', basis: `typical at ${say.temperature(celsius)}` },
  }
}

const cold = 5
/** Seconds to hold a joint that was pushed home, until it grips; the cold end of the range where it is cold. */
const grip = { warm: 5, cold: 15 }

export function expansion(figures: JointFigures): Procedure {
  const { insertion, socket, celsius } = figures
  const hold = celsius !== undefined && celsius < cold ? grip.cold : grip.warm
  return {
    tools: ['expander', `${socket?.size ?? ''} head`.trim(), 'pipe shears'],
    consumables: [`${socket?.size ?? ''} expansion ring`.trim()],
    steps: [
      ...commonStart(insertion, 'never'),
      { text: 'Ring flush with the end, or a little over it.' },
      {
        text: 'Expand, turning the head between strokes, until it bottoms, no more.',
        figure: {
          label: 'Strokes',
          text: celsius !== undefined && celsius < cold ? '3 to 4' : '3 to 6',
          basis: 'typical; the head maker’s figure comes first',
        },
      },
      {
        text: 'Push fully in at once, within ten seconds, to the stop, and hold until it grips. Colder is slower.',
        wait: { seconds: hold, what: 'hold until it grips', basis: 'typical, 5 to 15 s' },
      },
      holdStep(figures),
    ],
    inspection: ['ring against the shoulder, no gap'],
    spoils: ['pipe that does not recover', 'head not turned: grooves leak', 'pushed in too late'],
    apart: 'Cut it out; the fitting can be saved with gentle heat on the ring.',
    cautions: [waterCaution],
  }
}
