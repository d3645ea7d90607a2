import type { Tube } from '../bend/tube'
import type { MethodId } from '../catalogue/method'
import type { PipeStock } from '../cut/lay-pieces'
import type { Reason, VerdictKind } from '../join/verdict'
import type { Message } from '../quantity/message'
import type { Allowance } from '../route/allowance'
import type { SundryCount } from '../make/sundries'
import type { Basis } from '../quantity/basis'
import type { ClosingError } from '../route/closing'
import type { FittingCount } from '../route/fittings'
import type { PieceBend } from '../route/piece'
import type { LegClips } from '../support/leg-clips'

/** A figure in a plan: millimetres, null while it is not known. */
export interface PlanEnd {
  readonly node: string
  readonly method: MethodId | null
  readonly insertion: number | null
  readonly insertionTolerance: number | null
  readonly insertionBasis: Basis | null
  /** The depth is the standard’s least engagement: nothing of it can be spared. */
  readonly isLeastDepth: boolean
  readonly takeOff: number | null
  readonly takeOffTolerance: number | null
  readonly takeOffBasis: Basis | null
}

export interface PlanPiece {
  readonly id: string
  readonly run: string
  /** The pipe's id. */
  readonly pipe: string
  readonly legs: readonly string[]
  readonly cut: number | null
  readonly tolerance: number | null
  readonly basis: Basis | null
  readonly ends: readonly [PlanEnd, PlanEnd]
  readonly bends: readonly PieceBend[]
  /** The tube as it is bent; null where it is straight. */
  readonly tube: Tube | null
  /** Why there is no cut length; null where there is one. */
  readonly missing: Message | null
  /** By how much it may be cut wrong, and which way to err. */
  readonly allowance: Allowance
}

export interface PlanJoint {
  readonly id: string
  /** Counted along the runs as they are met, from 1. */
  readonly number: number
  readonly run: string
  readonly node: string
  /** The piece that goes in; null for the existing pipe of a tie-in. */
  readonly piece: string | null
  readonly pipe: string
  readonly method: MethodId
  readonly insertion: number | null
  readonly insertionTolerance: number | null
  readonly insertionBasis: Basis | null
  readonly verdict: VerdictKind
  readonly reasons: readonly Reason[]
}

export interface PlanClip {
  readonly leg: string
  /** mm from the leg's first node. */
  readonly at: number
}

export interface PlanCheck extends Message {
  readonly verdict: VerdictKind
  /** Where in the job, by the names that people point with. */
  readonly where: string
  readonly run: string
  readonly node?: string
  readonly leg?: string
}

/** Everything that follows from a job. Never stored, never edited: computed again from the job. */
export interface Plan {
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
  readonly fittings: readonly FittingCount[]
  readonly sundries: readonly SundryCount[]
  readonly clips: readonly PlanClip[]
  /** How many clips of which size; part of what to bring. */
  readonly clipCounts: readonly SundryCount[]
  readonly supports: readonly LegClips[]
  readonly stock: readonly PipeStock[]
  readonly closing: readonly ClosingError[]
  readonly checks: readonly PlanCheck[]
}
