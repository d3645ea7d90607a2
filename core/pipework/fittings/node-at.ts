import type { Catalogue } from '../../catalogue/catalogue'
import type { Node } from '../../job/job'
import type { Arm, Layout } from '../../run/layout'
import type { DirectJoint } from '../take-off/direct-joint'

/** A node, and all that its fittings follow from. */
export interface NodeAt {
  readonly catalogue: Catalogue
  readonly layout: Layout
  readonly node: Node
  /** The legs that meet there. */
  readonly arms: readonly Arm[]
  /** By leg, in mm from the node to where its pipe stops. */
  readonly takeOffs: ReadonlyMap<string, number | null>
  /** Fittings of the system that stand straight one in the other, by their leg. */
  readonly directJoints: ReadonlyMap<string, DirectJoint>
}
