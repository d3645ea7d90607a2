import { mostWraps } from '../../methods/thread-tape'
import { waterCaution, type JointFigures, type Procedure, type StepFigure } from '../procedure'

/** How many wraps of tape a thread takes, by the outside diameter of its pipe in mm. */
export const tapeWraps = (od: number): StepFigure => ({
  label: 'Tape',
  text: `${mostWraps(od) - 1} to ${mostWraps(od)} wraps`,
  basis: 'typical',
})

/** What is held while the other turns. */
function held(isExisting: boolean | undefined): string {
  if (isExisting === undefined) return 'Hand-tight, then with the wrench, and hold back on the existing pipe.'
  return isExisting
    ? 'Hand-tight, then turn the fitting with the wrench, and hold back on the existing pipe: it must not turn in its next joint.'
    : 'Hand-tight, then turn the pipe with the wrench, and hold back on the fitting, or on the joint behind it.'
}

export function thread({ pipe, isExisting }: JointFigures): Procedure {
  return {
    tools: ['two pipe wrenches', 'wire brush'],
    consumables: ['thread tape or paste'],
    steps: [
      { text: 'Check the thread: clean, whole, not cross-cut. Try it by hand for two turns, then take it off again.' },
      {
        text: 'Brush the thread clean. Tape clockwise as seen from the end, starting one thread back.',
        figure: tapeWraps(pipe.od),
      },
      { text: 'Start it by hand: if it does not run freely, back off and check the thread.' },
      {
        text: held(isExisting),
        figure: { label: 'Turn', text: '1½ to 3 turns', basis: 'typical', turns: [1.5, 3] },
      },
    ],
    inspection: ['one to three threads showing', 'facing right'],
    spoils: ['tape wound against the thread', 'no back-hold on old steel', 'a plastic female on a metal male'],
    apart: 'Unscrew with back-hold; clean and seal afresh.',
    cautions: [waterCaution],
  }
}
