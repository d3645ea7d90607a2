import type { Vector } from '../quantity/vector'
import { centreLine } from '../bend/centre-line'
import type { Tube } from '../bend/tube'

type Point = readonly [number, number]

export interface DrawnTube {
  /** The bent centre line on paper, in mm, x right and y down. */
  readonly line: readonly Point[]
  /** Where each bend's corner stands. */
  readonly corners: readonly Point[]
  /** Least x, least y, width, height, with room for the pipe and its numbers. */
  readonly box: readonly [number, number, number, number]
}

const [along, aside] = [Math.cos(Math.PI / 6), Math.sin(Math.PI / 6)]
const flat = ([x, y]: Vector): Point => [x, -y]
const isometric = ([x, y, z]: Vector): Point => [(x + y) * along, (x - y) * aside - z]

/** The bent tube on paper: as it lies on the bench where all bends are in one plane, isometric where they are not. */
export function drawTube(tube: Tube): DrawnTube {
  const { line, corners } = centreLine(tube)
  const isFlat = line.every(([, , z]) => Math.abs(z) < 0.01)
  const project = isFlat ? flat : isometric
  const drawn = line.map(project)
  const [xs, ys] = [drawn.map(([x]) => x), drawn.map(([, y]) => y)]
  const [left, top] = [Math.min(...xs), Math.min(...ys)]
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top]
  const pad = Math.max(width, height) * 0.12 + 20
  return {
    line: drawn,
    corners: corners.map(project),
    box: [left - pad, top - pad, width + 2 * pad, height + 2 * pad],
  }
}
