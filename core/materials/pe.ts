import { coiled, type Material } from './material'

/** Polyethylene, blue or black: cold water in the ground. */
export const pe: Material = {
  ...coiled,
  id: 'pe',
  name: 'PE',
  expansion: 0.18,
  modulus: { wall: 1, beam: 1 },
  maxContinuous: 20,
  density: 950,
  bears: { stress: 6.3 },
  bending: {},
  supports: ['pe'],
  freeLeg: 'freeLegPe',
  coldOnly: true,
}
