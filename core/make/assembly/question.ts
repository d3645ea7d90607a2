import type { MethodId } from '../../catalogue/method'

type Axis = readonly [number, number, number]

/** A joint as it is made: what it brings together, and what that needs. */
export interface AssemblyJoint {
  readonly id: string
  /** The two parts that it joins: fittings, pieces, existing pipe. */
  readonly parts: readonly [string, string]
  readonly method: MethodId
  /** Which way the pipe goes in. */
  readonly axis: Axis
  /** How far it goes in, in mm: by so much the two are apart before. */
  readonly insertion: number
  /** By how much the pipe about it can be sprung back along that way, in mm. */
  readonly spring: number
  /** It needs no play: a slip coupling, a union, a compression joint. */
  readonly closes: boolean
  readonly minutes: number
  /** Minutes before water may stand on it. */
  readonly wait: number
  /** Where, in words. */
  readonly where: string
}

export interface AssemblyQuestion {
  readonly joints: readonly AssemblyJoint[]
  /** Existing pipe: it does not move, and to join it the water is off. */
  readonly fixed: ReadonlySet<string>
  /** The axis of each straight piece; a part that is not here takes room when it is turned. */
  readonly straight: ReadonlyMap<string, Axis>
}

export const needsFlame = ({ method }: AssemblyJoint): boolean => method === 'solder'
/** Rubber or plastic in it, that heat hurts. */
export const hasRubber = ({ method }: AssemblyJoint): boolean => method !== 'solder' && method !== 'thread'
export const meets = (a: AssemblyJoint, b: AssemblyJoint): boolean => a.parts.some((part) => b.parts.includes(part))
