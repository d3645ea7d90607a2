import { materialOf } from '../../materials'
import { waterCaution, commonStart, type JointFigures, type Procedure, type Step } from '../procedure'
import { solventSet } from '../../methods/wait'

/** The wait before pressure; the tin alone says it where the temperature is not known or too low. */
function setStep({ pipe: { od }, celsius, say }: JointFigures): Step {
  const text = 'Let it set before pressure: the tin comes first.'
  const seconds = celsius === undefined ? null : solventSet(od, celsius)
  if (celsius === undefined || seconds === null) {
    const why = celsius === undefined ? 'enter the temperature here' : 'too cold for this table'
    return { text, figure: { label: 'Set before pressure', text: 'by the tin', basis: why } }
  }
  return { text, wait: { seconds, what: 'cement sets', basis: `typical at ${say.temperature(celsius)}` } }
}

export function solvent(figures: JointFigures): Procedure {
  const { insertion, pipe } = figures
  const cement = materialOf(pipe).cement ?? 'cement for this plastic'
  return {
    tools: ['saw or shears', 'chamfer tool', 'gloves'],
    consumables: [cement, 'primer where required'],
    steps: [
      ...commonStart(insertion, 'part way'),
      { text: `Primer where required, then ${cement} on pipe and socket, evenly.` },
      {
        text: `Push in with a quarter turn, to the stop, and hold. The socket is tapered: ${insertion ? `a gap of up to ${figures.say.tolerance(insertion.tolerance)}` : 'a small gap'} at the stop is as it should be.`,
        wait: { seconds: 30, what: 'cement holds', basis: 'standard practice' },
      },
      setStep(figures),
    ],
    inspection: ['an even bead all round'],
    spoils: ['cement of the other plastic', 'wet or greasy pipe', 'let go too soon: the socket pushes it out'],
    apart: 'Cut it out.',
    cautions: ['Cement and primer give off fumes that burn: open a window, no flame, no pilot light.', waterCaution],
  }
}
