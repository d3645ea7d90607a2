import type { Tube } from '../bend/tube'
import type { Meeting } from '../catalogue/fitting'
import type { MethodId } from '../methods/ids'
import type { Reason, VerdictKind } from '../join/verdict'
import type { Basis } from '../quantity/basis'
import type { Message } from '../quantity/words/message'
import type { Allowance } from './take-off/allowance'
import type { PieceBend } from './take-off/piece'
import type { PortPair } from './fittings/part'

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
  /** The finished length. */
  readonly cut: number | null
  /** The length of tube to cut for it: longer where it is bent in a bender whose outer bends want grip. */
  readonly blank: number | null
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

/** Two fittings of a chain, one in the other. */
export interface FittingJoint {
  /** Their names, and the place of the first in the chain, from 0. */
  readonly fittings: readonly [string, string]
  readonly index: number
  readonly meeting: Meeting
}

export interface PlanJoint {
  readonly id: string
  /** Counted along the runs as they are met, from 1. */
  readonly number: number
  readonly run: string
  readonly node: string
  /** The leg whose pipe goes in; null for the existing pipe of a tie-in, and between two fittings. */
  readonly leg: string | null
  /** The piece that goes in; null for existing pipe, and between two fittings. */
  readonly piece: string | null
  /** The pipe's id; between two fittings that of the pipe beside them. */
  readonly pipe: string
  /** At a slip coupling, which has no stop. */
  readonly slips: boolean
  /** The two ports that it brings together. */
  readonly between: PortPair
  /** A joint between two fittings of a chain, and how they meet; null where pipe goes into a fitting. */
  readonly inner: FittingJoint | null
  readonly method: MethodId
  readonly insertion: number | null
  readonly insertionTolerance: number | null
  readonly insertionBasis: Basis | null
  readonly verdict: VerdictKind
  readonly reasons: readonly Reason[]
}
