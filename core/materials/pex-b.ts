import { coiled, type Material } from './material'

/** Crosslinked polyethylene B: stiffer, keeps the coil. */
export const pexB: Material = {
  ...coiled,
  id: 'pex-b',
  name: 'PEX-B',
  expansion: 0.18,
  modulus: { wall: 0.7, beam: 0.7 },
  maxContinuous: 70,
  density: 950,
  bears: { stress: 4.34 },
  supports: ['pex', 'pex, pb'],
  freeLeg: 'freeLegPex',
  spoiltByLight: true,
  mayHaveBarrier: true,
}
