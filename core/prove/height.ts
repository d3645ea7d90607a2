import type { Job } from '../job/job'
import { watersOf } from '../job/waters'
import { layOut } from '../run/layout'
import { unknownHeights } from '../run/unknown-heights'
import { everything, underTest, type Scope } from './scope'

/** bar that a metre of water makes. */
const barPerMetre = 0.0981

/**
 * The pressure at another height than the gauge's, in a line full of water.
 *
 * @param bar that the gauge shows
 * @param mm that the place lies below the gauge; less than 0 above it
 * @example pressureBelow(9.9, 3000) // 10.19
 */
export const pressureBelow = (bar: number, mm: number): number => bar + (barPerMetre * mm) / 1000

/**
 * How far the highest pipe under test lies above the lowest, in mm; null where nobody knows how high some of it stands.
 */
export function riseUnderTest(job: Job, scope: Scope = everything): number | null {
  const of = underTest(job, scope)
  const heights = watersOf(job)
    .filter(of.system)
    .map((system) => {
      const layout = layOut(system)
      const nodes = system.nodes.filter(({ id, run }) => of.node(id, run))
      const all = nodes.map(({ id }) => layout.places.get(id)?.[2])
      const isKnown = unknownHeights(layout).size === 0 && all.every((height) => height !== undefined)
      return isKnown ? Math.max(...(all as number[])) - Math.min(...(all as number[])) : null
    })
  return heights.some((rise) => rise === null) ? null : Math.max(0, ...(heights as number[]))
}
