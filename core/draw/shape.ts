import type { Point } from './drawing'

/** What a shape is drawn in; each page, print and file has its own colour for it. */
export type Ink = 'copper' | 'plastic' | 'steel' | 'ink' | 'faint' | 'paper' | 'caution'

/** A line between two points of the drawing; its weight and dashes in thirds of a letter's height. */
export interface Line {
  readonly kind: 'line'
  readonly from: Point
  readonly to: Point
  readonly ink: Ink
  readonly weight: number
  readonly dashes: readonly number[]
}

/** What keeps its size whatever the run's: a path about a place, in thirds of a letter's height. */
export interface Mark {
  readonly kind: 'mark'
  readonly at: Point
  readonly stroke: Stroke
}

/** Points joined by lines, or a circle, in thirds of a letter's height. */
export interface Stroke {
  readonly points: readonly Point[]
  /** A circle of that radius about each point, in place of lines between them. */
  readonly radius?: number
  readonly closed?: boolean
  readonly fill?: Ink
  readonly ink: Ink
  readonly weight: number
}

/** Words about a place, their size and how far they stand off it in thirds of a letter's height. */
export interface Words {
  readonly kind: 'words'
  readonly at: Point
  readonly beside: Point
  readonly words: string
  /** A second word after them, such as the piece of a length. */
  readonly more?: string
  readonly size: number
  readonly bold: boolean
}

export type Shape = Line | Mark | Words

/** What belongs together in a drawing, and is pressed as one. */
export interface Part {
  readonly of: 'surroundings' | 'leg' | 'fitting' | 'joint' | 'node' | 'height' | 'length' | 'number' | 'name'
  /** Of the leg or the node. */
  readonly id: string
  readonly shapes: readonly Shape[]
}

const three = (value: number): string => String(Math.round(value * 1000) / 1000)

/**
 * A stroke as an SVG path about the origin.
 *
 * @remarks for instance: two points: `M0 0L2 0`
 */
export function pathOf({ points, radius, closed }: Stroke): string {
  if (radius !== undefined) {
    const [r, across] = [three(radius), three(2 * radius)]
    return points
      .map(([x, y]) => `M${three(x - radius)} ${three(y)}a${r} ${r} 0 1 0 ${across} 0a${r} ${r} 0 1 0 -${across} 0z`)
      .join('')
  }
  return points.map(([x, y], at) => `${at === 0 ? 'M' : 'L'}${three(x)} ${three(y)}`).join('') + (closed ? 'z' : '')
}
