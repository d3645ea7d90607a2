import { plastic, type Material } from './material'

/** PVC-U: rigid, cemented, for cold water. */
export const pvcU: Material = {
  ...plastic,
  id: 'pvc-u',
  name: 'PVC-U',
  expansion: 0.07,
  modulus: { wall: 3, beam: 3 },
  maxContinuous: 45,
  density: 1400,
  bears: { stress: 10 },
  springs: { stress: 10 },
  bending: 'not bent',
  supports: ['pvc-u'],
  freeLeg: 'freeLegPvc',
  boreStaysFree: true,
  cement: 'PVC cement',
  coldOnly: true,
}
