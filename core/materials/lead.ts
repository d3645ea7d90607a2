import { metal, type Material } from './material'

/** Soft, heavy, poisonous: replaced. It gives so easily that it never asks for an expansion leg. */
export const lead: Material = {
  ...metal,
  id: 'lead',
  name: 'lead',
  expansion: 0.029,
  modulus: { wall: 16, beam: 16 },
  maxContinuous: 60,
  density: 11340,
  springs: { stress: 3 },
  bending: 'not bent',
  supports: [],
  freeLeg: 'freeLegCopper',
  isReplaced: true,
}
