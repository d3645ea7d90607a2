import { metal, type Material } from './material'

/** Thin carbon steel, pressed: sealed heating alone, water with air in it rusts it. */
export const carbonSteel: Material = {
  ...metal,
  id: 'carbon-steel',
  name: 'carbon steel',
  expansion: 0.0115,
  modulus: { wall: 200, beam: 200 },
  maxContinuous: 110,
  density: 7850,
  springs: { stress: 100 },
  bending: { bender: 3.5 },
  supports: ['copper'],
  supportsByMetricOnly: true,
  freeLeg: 'freeLegSteel',
  galvanic: 'steel',
  heatingOnly: true,
}
