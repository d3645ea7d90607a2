import { coiled, type Material } from './material'

/** Polybutylene: very flexible. */
export const pb: Material = {
  ...coiled,
  id: 'pb',
  name: 'polybutylene',
  expansion: 0.13,
  modulus: { wall: 0.45, beam: 0.45 },
  maxContinuous: 70,
  density: 925,
  bears: { stress: 5 },
  bending: { hand: 8, 'spring or support': 8, bender: 8 },
  supports: ['pex, pb'],
  freeLeg: 'freeLegPb',
  spoiltByLight: true,
  mayHaveBarrier: true,
}
