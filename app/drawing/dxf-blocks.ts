import { LWPolylineFlags, point3d, type DxfWriter } from '@tarikjabiri/dxf'
import type { DrawnNode } from '~~/core/draw/drawing'
import { fittingSign } from '~~/core/draw/fitting-sign'
import type { Stroke } from '~~/core/draw/shape'

/** A fitting's name as a block: letters that every drawing program takes. */
const nameOf = (kind: string): string => kind.toUpperCase().replaceAll(' ', '-')

/**
 * The fittings as named blocks, each as it lies seen from above: two that lie alike share one, the next of its kind is
 * numbered.
 *
 * @param third a third of a letter's height, in the drawing's units
 */
export function fittingBlocks(dxf: DxfWriter, third: number): (node: DrawnNode) => string {
  const known = new Map<string, string>()
  const counts = new Map<string, number>()
  return ({ kind, isHeld, arms }) => {
    const strokes = fittingSign({ kind, isHeld, arms: [...arms.values()] })
    const drawn = `${kind} ${JSON.stringify(strokes)}`
    const there = known.get(drawn)
    if (there) return there
    const count = (counts.get(kind) ?? 0) + 1
    counts.set(kind, count)
    const name = count === 1 ? nameOf(kind) : `${nameOf(kind)}-${count}`
    known.set(drawn, name)
    draw(dxf, name, strokes, third)
    return name
  }
}

/** Up on paper is down in the signs. */
function draw(dxf: DxfWriter, name: string, strokes: readonly Stroke[], third: number): void {
  const block = dxf.addBlock(name)
  for (const { points, radius, closed } of strokes) {
    if (radius !== undefined)
      for (const [x, y] of points) block.addCircle(point3d(x * third, -y * third, 0), radius * third)
    else {
      const flags = closed ? LWPolylineFlags.Closed : LWPolylineFlags.None
      block.addLWPolyline(
        points.map(([x, y]) => ({ point: { x: x * third, y: -y * third } })),
        { flags },
      )
    }
  }
}
