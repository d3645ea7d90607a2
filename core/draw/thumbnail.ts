import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { Job } from '../job/job'
import { systemsOf, type System } from '../job/system'
import { layOut } from '../run/layout'
import { drawRun } from './drawing'
import { pipeColour } from './line-style'
import type { Ink } from './shape'
import { sketchOf } from './sketch'

/** A job's pipework in small, as one SVG path for each colour of pipe. */
export interface Thumbnail {
  readonly width: number
  readonly height: number
  readonly paths: Partial<Record<Ink, string>>
}

/** Each system's place, and the most systems and legs that can still be told apart. */
const [cell, gap, mostSystems, mostLegs] = [{ width: 72, height: 56 }, 6, 3, 300] as const

const tenth = (value: number): string => String(Math.round(value * 10) / 10)

/** A system's legs, fitted into a place so far from the left. */
function strokesOf(catalogue: Catalogue, system: System, left: number): readonly (readonly [Ink, string])[] {
  const layout = layOut(system)
  const { legs, box } = drawRun(layout, 'isometric', sketchOf(layout))
  const [x0, y0, width, height] = box
  const scale = Math.min(cell.width / width, cell.height / height)
  const [dx, dy] = [(cell.width - width * scale) / 2 + left, (cell.height - height * scale) / 2]
  const at = ([x, y]: readonly [number, number]) => `${tenth((x - x0) * scale + dx)} ${tenth((y - y0) * scale + dy)}`
  const known = new Map(system.legs.map((leg) => [leg.id, leg]))
  return legs.slice(0, mostLegs).map(({ id, from, to, state }) => {
    const pipe = catalogue.pipe(pipeIdIn(system, known.get(id)!))
    return [state || !pipe ? 'faint' : pipeColour(pipe), `M${at(from)}L${at(to)}`]
  })
}

/**
 * A job's pipework in small: its largest systems side by side, what is there already faint; null where nothing is drawn.
 *
 * @remarks for instance: a job of one copper run: one path of copper, 72 wide
 */
export function thumbnailOf(catalogue: Catalogue, job: Job): Thumbnail | null {
  const shown = systemsOf(job)
    .filter(({ legs }) => legs.length > 0)
    .toSorted((a, b) => b.legs.length - a.legs.length)
    .slice(0, mostSystems)
  if (shown.length === 0) return null
  const paths: Partial<Record<Ink, string>> = {}
  shown.forEach((system, at) => {
    for (const [ink, path] of strokesOf(catalogue, system, at * (cell.width + gap)))
      paths[ink] = (paths[ink] ?? '') + path
  })
  return { width: shown.length * (cell.width + gap) - gap, height: cell.height, paths }
}
