import { commonStart, waterCaution, type JointFigures, type Procedure } from '../procedure'

export function pressMetal({ insertion, socket }: JointFigures): Procedure {
  return {
    tools: ['press tool', `jaw ${socket?.size ?? 'of the fitting’s size and profile'}`, 'deburrer', 'depth marker'],
    consumables: ['marker'],
    steps: [
      ...commonStart(insertion, 'home'),
      { text: 'Check that the seal is in its groove and clean.' },
      { text: 'Push in with a slight turn, until the mark is at the mouth.' },
      { text: 'Set the jaw square on the bead. One full cycle; do not stop it.' },
      { text: 'Mark it as pressed.' },
    ],
    inspection: [
      'the depth mark at the mouth',
      'bead evenly closed',
      'press indicator gone',
      'nothing left unpressed: the low-pressure check shows it',
    ],
    spoils: ['burr or score under the seal', 'jaw askew', 'wrong jaw profile', 'pressed twice'],
    apart: 'Cut it out.',
    cautions: ['Keep fingers clear of the jaws.', waterCaution],
  }
}
