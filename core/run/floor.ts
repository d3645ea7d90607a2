import { thousandths } from '../quantity/thousandths'
import { nearHeight } from './heights'
import type { Layout } from './layout'
import { unknownHeights } from './unknown-heights'

/** Nodes that somebody measured from the floor, of whose height from the start the drawing tells. */
function measured(layout: Layout): { readonly node: string; readonly floor: number }[] {
  const unknown = unknownHeights(layout)
  return layout.system.nodes.flatMap(({ id, overFloor }) => {
    const place = layout.places.get(id)
    return overFloor === undefined || !place || unknown.has(id) ? [] : [{ node: id, floor: place[2] - overFloor }]
  })
}

/**
 * Where the finished floor is, in mm up from where the run starts: by the first node that was measured from it.
 *
 * @returns null where nobody measured from it, or only at a node whose height is not known
 * @remarks for instance: a tee drawn 200 over the start and measured at 450 over the floor: -250
 */
export const floorOf = (layout: Layout): number | null => measured(layout)[0]?.floor ?? null

/**
 * How high a node stands over the floor, in mm.
 *
 * @returns null where the floor or the node's own height is not known
 * @remarks for instance: a basin drawn 800 over the start, the floor 250 under it: 1050
 */
export function overFloor(layout: Layout, node: string): number | null {
  const floor = floorOf(layout)
  const place = layout.places.get(node)
  return floor === null || !place || unknownHeights(layout).has(node) ? null : thousandths(place[2] - floor)
}

/** What was measured from the floor and does not agree with the first such measure: by how much it stands too low. */
export function floorErrors(layout: Layout): { readonly node: string; readonly by: number }[] {
  const [first, ...more] = measured(layout)
  return more.flatMap(({ node, floor }) => {
    const by = thousandths(first!.floor - floor)
    return Math.abs(by) > nearHeight ? [{ node, by }] : []
  })
}

/**
 * A height from where the run starts, as it is told: over the floor where that is known.
 *
 * @remarks for instance: 850 over a start that is 150 over the floor: 1000
 */
export const toldHeight = (layout: Layout, height: number): number => thousandths(height - (floorOf(layout) ?? 0))

/** A height as it is told, from where the run starts, in mm. */
export const heightFromStart = (layout: Layout, told: number): number => thousandths(told + (floorOf(layout) ?? 0))
