import { metal, type Material } from './material'

/** Thin stainless steel, pressed. */
export const stainlessSteel: Material = {
  ...metal,
  id: 'stainless-steel',
  name: 'stainless steel',
  expansion: 0.0165,
  modulus: { wall: 193, beam: 193 },
  maxContinuous: 110,
  density: 7980,
  springs: { stress: 100 },
  bending: { bender: 3.5 },
  supports: ['copper'],
  supportsByMetricOnly: true,
  freeLeg: 'freeLegSteel',
}
