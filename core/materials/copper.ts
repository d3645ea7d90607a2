import { metal, type Material } from './material'

/** Drawn copper in straight lengths, hard or half-hard. */
export const hardCopper: Material = {
  ...metal,
  id: 'copper-hard',
  name: 'copper',
  colour: 'copper',
  expansion: 0.0166,
  modulus: { wall: 117, beam: 117 },
  maxContinuous: 110,
  density: 8940,
  roughness: 0.0015,
  springs: { stress: 100 },
  bending: 'as copper',
  supports: ['copper'],
  freeLeg: 'freeLegCopper',
  wornByFastWater: true,
  galvanic: 'copper',
  corrodesInSoil: true,
}

/** Annealed copper from the coil: it bends by hand, stays bent, and is often no longer round. */
export const softCopper: Material = { ...hardCopper, id: 'copper-soft', springs: { stress: 40 } }
