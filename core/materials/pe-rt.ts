import { coiled, type Material } from './material'

/** Polyethylene of raised temperature resistance: not crosslinked, it does not come back once it is stretched. */
export const peRt: Material = {
  ...coiled,
  id: 'pe-rt',
  name: 'PE-RT',
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
