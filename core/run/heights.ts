import { thousandths } from '../quantity/thousandths'
import type { Layout } from './layout'
import { unknownHeights } from './unknown-heights'

/** A node that is to stand at a height, and does not. */
export interface HeightError {
  readonly node: string
  /** Wanted, in mm up from where the run starts. */
  readonly height: number
  /** Wanted less computed: more than 0 where it stands too low. */
  readonly by: number
}

/** Lengths are kept to thousandths; what is nearer than this stands right. */
export const nearHeight = 0.01

/** Nodes of a run that miss the height that is fixed for them; what stands at a height that nobody knows may. */
export function heightErrors(layout: Layout): HeightError[] {
  const { system, places } = layout
  const unknown = unknownHeights(layout)
  return system.nodes.flatMap(({ id, height }): HeightError[] => {
    const place = places.get(id)
    if (height === undefined || !place || unknown.has(id)) return []
    const by = thousandths(height - place[2])
    return Math.abs(by) > nearHeight ? [{ node: id, height, by }] : []
  })
}
