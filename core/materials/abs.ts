import { plastic, type Material } from './material'

/** Black and rigid: drains and vents. Its figures are typical, and no pressure pipe rests on them. */
export const abs: Material = {
  ...plastic,
  id: 'abs',
  name: 'ABS',
  expansion: 0.1,
  modulus: { wall: 2.2, beam: 2.2 },
  maxContinuous: 60,
  density: 1050,
  bears: null,
  springs: { stress: 10 },
  bending: 'not bent',
  supports: [],
  freeLeg: 'freeLegPvc',
  boreStaysFree: true,
}
