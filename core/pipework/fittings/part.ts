import type { Meeting } from '../../catalogue/fitting'
import { plus, type Vector } from '../../quantity/vector'

/** An end of a part, where another part meets it. */
export interface Port {
  /** Where it stands in mm, as the places of its run do; null where no leg leads there, or a length before it is not known. */
  readonly at: Vector | null
  /** Which way it looks, out of its part; null where that is not known. */
  readonly out: Vector | null
  /** What it is: `22 press`, `3/4 M BSP`, a pipe's name. */
  readonly end: string
}

/** A part of what is built: a piece of new pipe, pipe that is there, a fitting with an end for each that meets in it, or what pipe leads to. */
export interface Part {
  /** Within its job; a fitting's goes by its run and node, and stays when pipe is drawn before it. */
  readonly id: string
  readonly kind: 'piece' | 'existing' | 'fitting' | 'fixture'
  /** What the trade calls it. */
  readonly label: string
  /** A fitting's item in the catalogue; missing where only its words are known. */
  readonly item?: string
  /** Nobody makes it: it stands for what is still to be chosen. */
  readonly isUnmade?: true
  readonly run: string
  /** Where a fitting or existing pipe is. */
  readonly node?: string
  /** The first leg of a piece. */
  readonly leg?: string
  readonly ports: readonly Port[]
}

/** One port of one part. */
export interface PortRef {
  readonly part: string
  /** Its place among the part's ports, from 0. */
  readonly port: number
}
export type PortPair = readonly [PortRef, PortRef]

/** How two fittings at one node stand one in the other. */
export interface InnerMeeting {
  /** The joint's id. */
  readonly id: string
  readonly between: PortPair
  readonly fittings: readonly [string, string]
  /** Its place in its chain, from 0. */
  readonly index: number
  readonly meeting: Meeting
}

/** The fittings that stand at a node, and which of their ports each thing there goes into. */
export interface FittingsAt {
  readonly parts: readonly Part[]
  /** How they stand one in the other. */
  readonly inner: readonly InnerMeeting[]
  /** Where a leg's pipe goes in. */
  legPort(leg: string): PortRef
  /** Where a tie-in's existing pipe goes in. */
  readonly existingPort: PortRef
}

/** A place so far along a direction; null where one of the three is not known. */
export const along = (from: Vector | undefined, direction: Vector | null, mm: number | null): Vector | null =>
  from && direction && mm !== null ? plus(from, direction, mm) : null
