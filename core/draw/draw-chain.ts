import type { Pipe } from '../catalogue/pipe'
import { boreOf } from '../catalogue/pipe'

/** A rectangle of the drawing, in mm. */
export interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

export interface DrawnPipe {
  readonly body: Box
  readonly bore: Box
  /** Where the depth mark stands, or null while the depth is not known. */
  readonly mark: number | null
}

export interface DrawnChain {
  readonly a: DrawnPipe
  readonly b: DrawnPipe
  readonly fittings: readonly (Box & { readonly label: string })[]
  readonly width: number
  readonly height: number
}

const shownPipe = 70
const assumedDepth = 20
/** How much larger than its pipe a fitting is drawn: the wall of a usual fitting. */
const fittingWall = 4

function drawPipe(
  pipe: Pipe,
  {
    from,
    length,
    middle,
    mark,
  }: { readonly from: number; readonly length: number; readonly middle: number; readonly mark: number | null },
): DrawnPipe {
  const bore = boreOf(pipe)
  return {
    body: { x: from, y: middle - pipe.od / 2, width: length, height: pipe.od },
    bore: { x: from, y: middle - bore / 2, width: length, height: bore },
    mark,
  }
}

/**
 * Two pipe ends facing each other, with the chain's fittings between: diameters, walls and insertion depths to scale,
 * the length of a fitting between its sockets only as a sketch.
 *
 * @param between the fittings between them, in order, and short pieces, which are as wide as their pipe
 * @param depths insertion depth at each end in mm, null where it is not known
 */
export function drawChain(
  a: Pipe,
  b: Pipe,
  between: readonly { readonly label: string; readonly pipe?: Pipe }[],
  depths: readonly [number | null, number | null],
): DrawnChain {
  const height = Math.max(a.od, b.od) + 4 * fittingWall
  const middle = height / 2
  const count = Math.max(1, between.length)
  const depthA = depths[0] ?? assumedDepth
  const depthB = depths[1] ?? assumedDepth
  const gap = 14 * count
  const mouth = shownPipe - depthA
  const end = shownPipe + gap + depthB
  const each = (end - mouth) / count
  const fittings = between.map(({ label, pipe }, index) => {
    const od = index === 0 ? a.od : b.od
    const tall = pipe ? pipe.od : Math.max(od, index === count - 1 ? b.od : 0) + 2 * fittingWall
    return { label, x: mouth + index * each, y: middle - tall / 2, width: each, height: tall }
  })
  const markAt = (depth: number | null, at: number) => (depth === null ? null : at)
  return {
    a: drawPipe(a, { from: 0, length: shownPipe, middle, mark: markAt(depths[0], shownPipe - depthA) }),
    b: drawPipe(b, { from: shownPipe + gap, length: shownPipe, middle, mark: markAt(depths[1], end) }),
    fittings,
    width: 2 * shownPipe + gap,
    height,
  }
}
