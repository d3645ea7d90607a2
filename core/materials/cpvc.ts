import { plastic, type Material } from './material'

/** Chlorinated PVC: rigid, cemented, for hot water. */
export const cpvc: Material = {
  ...plastic,
  id: 'cpvc',
  name: 'CPVC',
  expansion: 0.063,
  modulus: { wall: 2.9, beam: 2.9 },
  maxContinuous: 80,
  density: 1550,
  bears: { stress: 13.8 },
  springs: { stress: 10 },
  bending: 'not bent',
  supports: ['cpvc'],
  freeLeg: 'freeLegPvc',
  standsAlone: true,
  boreStaysFree: true,
  cement: 'CPVC cement',
}
