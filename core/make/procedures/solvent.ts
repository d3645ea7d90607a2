import { waterCaution, commonStart, type JointFigures, type Procedure } from '../procedure'

export function solvent({ insertion, pipe }: JointFigures): Procedure {
  const cement = pipe.material === 'cpvc' ? 'CPVC cement' : 'PVC cement'
  return {
    tools: ['saw or shears', 'chamfer tool', 'gloves'],
    consumables: [cement, 'primer where required'],
    steps: [
      ...commonStart(insertion),
      { text: `Primer where required, then ${cement} on pipe and socket, evenly.` },
      { text: 'Push in with a quarter turn, to the stop, and hold.', wait: 30 },
      { text: 'Let it set before pressure: the tin says how long for this size and temperature.' },
    ],
    inspection: ['an even bead all round'],
    spoils: ['cement of the other plastic', 'wet or greasy pipe', 'let go too soon: the socket pushes it out'],
    apart: 'Cut it out.',
    cautions: ['Cement and primer give off fumes that burn: open a window, no flame, no pilot light.', waterCaution],
  }
}
