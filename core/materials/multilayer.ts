import { coiled, type Material } from './material'

/** Plastic, aluminium, plastic: it stays bent, and lets no oxygen through. Its moduli are typical: of the wall with its aluminium, of the pipe as a beam. */
export const multilayer: Material = {
  ...coiled,
  id: 'multilayer',
  name: 'multilayer',
  expansion: 0.025,
  modulus: { wall: 7, beam: 2 },
  maxContinuous: 70,
  density: 1200,
  bears: { bar: 10 },
  springs: { handRadius: 5 },
  bending: { hand: 5, 'spring or support': 5, bender: 3 },
  supports: ['multilayer'],
  freeLeg: 'freeLegMultilayer',
  stretches: false,
  spoiltByLight: true,
  letsOxygenThrough: false,
}
