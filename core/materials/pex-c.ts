import { coiled, type Material } from './material'

/** Crosslinked polyethylene C: springs back. */
export const pexC: Material = {
  ...coiled,
  id: 'pex-c',
  name: 'PEX-C',
  expansion: 0.18,
  modulus: { wall: 0.7, beam: 0.7 },
  maxContinuous: 70,
  density: 940,
  bears: { stress: 4.34 },
  supports: ['pex', 'pex, pb'],
  freeLeg: 'freeLegPex',
  spoiltByLight: true,
  mayHaveBarrier: true,
}
