import { commonStart, waterCaution, type JointFigures, type Procedure } from '../procedure'

export function pressMultilayer({ insertion, socket }: JointFigures): Procedure {
  return {
    tools: ['press tool', `jaw ${socket?.size ?? ''} for this sleeve`.replace('  ', ' '), 'calibrator', 'pipe shears'],
    consumables: [],
    steps: [
      ...commonStart(insertion, 'never'),
      { text: 'Calibrate and bevel the bore until the bevel runs all round.' },
      { text: 'Push on until the sleeve’s window is full of pipe.' },
      { text: 'Right jaw against the collar. Press once, to the end.' },
    ],
    inspection: ['pipe in every window', 'two even bands', 'fitting in line'],
    spoils: ['bore not bevelled: the ring is pushed off its seat', 'pressed twice', 'jaw of another profile'],
    apart: 'Cut it out, and cut the pipe back past the bands.',
    cautions: ['Keep fingers clear of the jaws.', waterCaution],
  }
}
