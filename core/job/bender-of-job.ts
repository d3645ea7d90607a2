import type { Job, KeptBender } from './job'
import type { Bender } from '../bend/bender'

/** Formers take pipe that is this much thicker or thinner, in mm. */
const near = 0.3

/** Whether a bender's former takes a pipe of this outside diameter in mm. */
export const takesSize = ({ od }: Bender, size: number): boolean => Math.abs(od - size) <= near

/** The bender for which the job's bends of this size are marked; undefined where none was in the hand when they were drawn. */
export const keptBender = ({ benders }: Pick<Job, 'benders'>, size: number): KeptBender | undefined =>
  benders?.find((kept) => takesSize(kept, size))
