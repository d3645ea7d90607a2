import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import type { FaultId, StationName } from './faults'

export type Point = readonly [number, number]
export type PartName = 'pipe' | 'fitting' | 'seal' | 'grip' | 'ring' | 'insert' | 'nut' | 'olive' | 'filler' | 'burr'

/** One part cut through, above the axis: the drawing mirrors it below. Points in mm: along from the mouth, and out from the axis. */
export interface SectionPart {
  readonly part: PartName
  readonly points: readonly Point[]
  /** On one side of the axis only; on both where nothing is said. */
  readonly side?: 'above' | 'below'
}

/** Where along the socket something takes hold of the pipe, in mm from the mouth. */
export interface Station {
  readonly name: StationName
  readonly at: number
  readonly text: string
}

/** What a method's drawing follows from. */
export interface SectionFigures {
  readonly pipe: Pipe
  readonly method: MethodId
  /** Insertion depth in mm, above 0. */
  readonly depth: number
  /** How far the pipe's end is in, in mm from the mouth: 0 to `depth`. */
  readonly home: number
  readonly faults: ReadonlySet<FaultId>
  /** A slip coupling: no stop holds the pipe, its mark alone tells. */
  readonly slips?: boolean
}

export const rectangle = (from: number, to: number, inner: number, outer: number): Point[] => [
  [from, inner],
  [to, inner],
  [to, outer],
  [from, outer],
]
