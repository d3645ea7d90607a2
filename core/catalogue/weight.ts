import { materialOf } from '../materials'
import { boreOf, type Pipe } from './pipe'

/**
 * Weight of an empty pipe in kg a metre: its ring of wall times the density of its material.
 *
 * @remarks for instance: 22 × 0.9 copper: 59.7 mm² of wall, 0.533 kg
 */
export const weightPerMetre = (pipe: Pipe): number =>
  ((Math.PI / 4) * (pipe.od ** 2 - boreOf(pipe) ** 2) * materialOf(pipe).density) / 1e6
