import { materialOf } from '../materials'
import type { Material } from '../materials/material'
import type { Pipe } from '../catalogue/pipe'
import type { Service } from '../job/place'
import type { Point } from './drawing'

/** Dashes by service, in units of a third of a letter's height; cold is a whole line. */
export const serviceDashes: Readonly<Record<Service, readonly number[]>> = {
  cold: [],
  hot: [5, 1.4],
  recirculation: [1.6, 1.4],
  'heating-flow': [7, 1.2, 1.2, 1.2],
  'heating-return': [7, 1.2, 1.2, 1.2, 1.2, 1.2],
  relief: [3, 2.4],
}

/** Which of the drawing's colours a pipe has. */
export const pipeColour = (pipe: Pipe): Material['colour'] => materialOf(pipe).colour

/** The sign of a break, in units of a third of a letter's height, along a line to the right. */
export const breakSign: readonly Point[] = [
  [-1.5, 1.6],
  [-0.5, -1.6],
  [0.5, 1.6],
  [1.5, -1.6],
]
/** Which way the water goes, in the same units. */
export const arrowSign: readonly Point[] = [
  [-1.3, -1],
  [1.4, 0],
  [-1.3, 1],
]
/** Dashes of pipe that comes out, in the same units. */
export const outDashes: readonly number[] = [1.2, 1.2]
