import { metal, type Material } from './material'

/** Steel with zinc on it, threaded. */
export const galvanisedSteel: Material = {
  ...metal,
  id: 'galvanised-steel',
  name: 'galvanised steel',
  expansion: 0.0115,
  modulus: { wall: 200, beam: 200 },
  maxContinuous: 110,
  density: 7850,
  roughness: 0.15,
  springs: { stress: 100 },
  bending: 'not bent',
  supports: ['galvanised-steel'],
  freeLeg: 'freeLegSteel',
  longStock: true,
  galvanic: 'zinc',
}
