import type { FittingCount } from '../pipework/list/count-fittings'
import type { Part } from '../pipework/fittings/part'
import type { CutIn } from '../pipework/cut-ins'
import type { PlanJoint, PlanPiece } from '../pipework/planned'
import type { Removed } from '../pipework/removed'
import type { SundryCount } from '../pipework/list/sundries'
import type { Supply } from '../pipework/list/supplies'
import type { PlanCheck } from '../check/rule'
import type { PipeStock } from '../cut/lay-pieces'
import type { ClosingError } from '../run/closing'
import type { LegClips } from '../support/clips-of-leg'

export interface PlanClip {
  readonly leg: string
  /** mm from the leg's first node. */
  readonly at: number
}

/** Everything that follows from a job. Never stored, never edited: computed again from the job. */
export interface Plan {
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
  /** Everything that the joints bring together: pieces, existing pipe, fittings. */
  readonly parts: readonly Part[]
  readonly fittings: readonly FittingCount[]
  readonly sundries: readonly SundryCount[]
  /** What pipe leads to, where it goes in with it. */
  readonly fixtures: readonly SundryCount[]
  /** What comes from a reel, a tin or a tube. */
  readonly supplies: readonly Supply[]
  readonly clips: readonly PlanClip[]
  /** How many clips of which size; part of what to bring. */
  readonly clipCounts: readonly SundryCount[]
  readonly supports: readonly LegClips[]
  readonly stock: readonly PipeStock[]
  readonly closing: readonly ClosingError[]
  /** Where pipe that is there is cut, or joined anew. */
  readonly cutIns: readonly CutIn[]
  /** What comes out, and what of it serves again. */
  readonly removed: readonly Removed[]
  readonly checks: readonly PlanCheck[]
}
