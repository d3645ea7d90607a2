import { coiled, type Material } from './material'

/** Crosslinked polyethylene A: heated and stretched, it comes back. */
export const pexA: Material = {
  ...coiled,
  id: 'pex-a',
  name: 'PEX-A',
  expansion: 0.18,
  modulus: { wall: 0.6, beam: 0.6 },
  maxContinuous: 70,
  density: 940,
  bears: { stress: 4.34 },
  supports: ['pex', 'pex, pb'],
  freeLeg: 'freeLegPex',
  spoiltByLight: true,
  mayHaveBarrier: true,
}
