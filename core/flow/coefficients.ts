import { methods } from '../methods'
import { materialOf } from '../materials'
import type { MethodId } from '../methods/ids'
import { boreOf, type Pipe } from '../catalogue/pipe'
import type { NodeKind } from '../job/job'

/** Loss coefficients of what stands at a node: typical, they differ by maker. A tee's branch is told apart. */
export const lossCoefficients: Readonly<Record<NodeKind | 'tee-branch' | 'elbow-45', number>> = {
  'tie-in': 0.5,
  elbow: 1,
  'elbow-45': 0.4,
  bend: 0.3,
  coupling: 0.1,
  'slip-coupling': 0.1,
  union: 0.1,
  tee: 0.5,
  'tee-branch': 1.5,
  reducer: 0.3,
  adapter: 0.3,
  valve: 0.5,
  'in-line': 2.5,
  mixer: 2,
  outlet: 0,
  cap: 0,
  open: 0,
}

/** Roughness of the wall in mm: typical. */
export const roughnessOf = (pipe: Pipe): number => materialOf(pipe).roughness

/** Plastic has an insert in its bore where a joint grips it from outside or holds it on a barb; CPVC stands on its own. */
const hasInsert = (pipe: Pipe): boolean => !materialOf(pipe).boreStaysFree

/** The bore that a joint leaves free, in mm: that of the pipe, less an insert's wall where there is one. */
export const jointBore = (pipe: Pipe, method: MethodId): number =>
  boreOf(pipe) - 2 * (hasInsert(pipe) ? methods[method].insertWall : 0)
