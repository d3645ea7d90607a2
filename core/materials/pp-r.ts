import { plastic, type Material } from './material'

/** Polypropylene: a thick wall, joined by fusion alone. */
export const ppR: Material = {
  ...plastic,
  id: 'pp-r',
  name: 'PP-R',
  expansion: 0.15,
  modulus: { wall: 0.9, beam: 0.9 },
  maxContinuous: 70,
  density: 905,
  bears: { stress: 5 },
  springs: { stress: 5 },
  bending: 'not bent',
  supports: ['pp-r'],
  freeLeg: 'freeLegPpr',
  spoiltByLight: true,
  mayHaveBarrier: true,
}
