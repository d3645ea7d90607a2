import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import type { Message } from '../quantity/words/message'
import type { Vector } from '../quantity/vector'

/** A joint as it is made: what it brings together, and what that needs. */
export interface AssemblyJoint {
  readonly id: string
  /** The two parts that it joins: fittings, pieces, existing pipe. */
  readonly parts: readonly [string, string]
  readonly method: MethodId
  /** Which way the pipe goes in. */
  readonly axis: Vector
  /** How far it goes in, in mm: by so much the two are apart before. */
  readonly insertion: number
  /** By how much the pipe about it can be sprung back along that way, in mm. */
  readonly spring: number
  /** It needs no play: a union. A compression coupling has a stop, to which the pipe must be pushed home. */
  readonly needsNoPlay: boolean
  /** A slip coupling's mouth, the coupling first of its parts: it needs no play right after the other mouth, while the coupling can still be pushed. */
  readonly slides: boolean
  /** It is not made on the bench, however short it is. */
  readonly inPlace: boolean
  /** A union's half is screwed on by itself: nothing beyond it turns. */
  readonly turnsAlone: boolean
  readonly minutes: number
  /** Minutes before water may stand on it. */
  readonly wait: number
  /** What is not known of it, and what is reckoned with instead. */
  readonly unknown: readonly { readonly of: 'depth' | 'wait'; readonly message: Message }[]
  /** Which joint it is, and where: by the names that people point with. */
  readonly where: string
}

/** The room that a part takes: its least and its greatest place on each axis, in mm. */
export interface Extent {
  readonly from: Vector
  readonly to: Vector
}

export interface AssemblyQuestion {
  readonly joints: readonly AssemblyJoint[]
  /** Existing pipe: it does not move, and to join it the water is off. */
  readonly fixed: ReadonlySet<string>
  /** What an earlier visit has made, and no water is in yet: it does not move either. */
  readonly stands?: ReadonlySet<string>
  /** The joints that earlier visits have made. */
  readonly made?: readonly AssemblyJoint[]
  /** The axis of each straight piece; any other pipe takes room when it is turned. */
  readonly straight: ReadonlyMap<string, Vector>
  /** Fittings, which turn in the little room that their own arms take. */
  readonly swings: ReadonlySet<string>
  /** Which joints a flame at a joint would hurt, by the ids of either. */
  readonly near: ReadonlyMap<string, ReadonlySet<string>>
  /** The room that each part takes; a part that is not here takes none. */
  readonly extents: ReadonlyMap<string, Extent>
  /** Longest side of what is put together at the bench and carried to its place, in mm. */
  readonly mostCarried: number
}

/** Whether a part does not move: existing pipe, and what an earlier visit has made. */
export const isHeld = ({ fixed, stands }: AssemblyQuestion, part: string): boolean =>
  fixed.has(part) || (stands?.has(part) ?? false)

export const needsFlame = ({ method }: AssemblyJoint): boolean => methods[method].hot
/** Rubber or plastic in it, that heat hurts. */
export const hasRubber = ({ method }: AssemblyJoint): boolean => methods[method].byFlame === 'spoilt'
/** Whether a flame at one of two joints is felt at the other. */
export const isNear = ({ near }: AssemblyQuestion, a: AssemblyJoint, b: AssemblyJoint): boolean =>
  near.get(a.id)?.has(b.id) ?? false
const shareFitting = ({ straight }: AssemblyQuestion, a: AssemblyJoint, b: AssemblyJoint): boolean =>
  b.parts.some((part) => !straight.has(part) && a.parts.includes(part))
/** Whether a flame at one joint hurts another that is made: rubber within its reach, tape and paste on its own fitting. */
export const isHurtBy = (question: AssemblyQuestion, hot: AssemblyJoint, made: AssemblyJoint): boolean =>
  methods[made.method].byFlame === 'dried on its own fitting'
    ? shareFitting(question, hot, made)
    : hasRubber(made) && isNear(question, hot, made)
