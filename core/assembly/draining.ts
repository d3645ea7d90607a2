import type { Catalogue } from '../catalogue/catalogue'
import { volumeIn } from '../quantity/words/format-water'
import { contentOfStretches, contentOfSystem } from '../flow/content'
import type { Job, NodeKind } from '../job/job'
import { layOut } from '../run/layout'
import { levelsOf } from '../run/levels'
import { unknownHeights } from '../run/unknown-heights'
import { namesInWater, waterName, type PlaceNames } from '../run/names'
import type { System } from '../job/system'
import { watersOf } from '../job/waters'

/** How a run is drained, and what it takes to fill it: places by their names, water in litres. */
export interface Draining {
  readonly run: string
  /** What shuts the water off: valves on existing pipe where they are drawn, else the pipe that is tied into. */
  readonly shut: readonly string[]
  /** The lowest outlet, where the bucket stands, and the highest, which lets air in; null where there is none. */
  readonly lowest: string | null
  readonly highest: string | null
  /** All that it holds. */
  readonly litres: number
  /** What runs off when the lowest and the highest are open. */
  readonly runsOff: number
  /** Where water stays, and how much. */
  readonly keeps: readonly { readonly where: string; readonly litres: number }[]
  /** Seconds until it has run off; 0 where nothing does, null where nobody knows how high it stands. */
  readonly seconds: number | null
  /** How many buckets, and what one holds in litres. */
  readonly buckets: number
  readonly bucket: number
}

/** What a bucket holds, in litres: ten of them, or five gallons, as they are sold where the work is. */
const bucketOf: Readonly<Record<Job['units'], number>> = { metric: 10, imperial: volumeIn(5, 'imperial') }
/** An opened tap: its seat in mm, the share of the ideal flow that comes, and the least head in m; typical. */
const [seat, share, leastHead] = [10, 0.6, 0.1] as const
const gravity = 9.81
/** With the supply shut, water leaves by outlets alone: what lies below them all stays until the pipe is opened. */
const outlets: ReadonlySet<NodeKind> = new Set(['outlet'])
/** Less than this is none, in litres. */
const leastWater = 0.005

/**
 * Seconds in which so much water runs off by an opened tap, by Torricelli's law at half of the head.
 *
 * @param litres 0 or more
 * @param head mm from the highest to the lowest outlet
 * @remarks for instance: 10 litres under a head of 2000: 0.6 of 78.5 mm² at 4.43 m/s, 0.209 l/s: 48 s
 */
export function secondsToRunOff(litres: number, head: number): number {
  const metres = Math.max(leastHead, head / 2000)
  const squareMetres = (Math.PI / 4) * (seat / 1000) ** 2
  return litres / (share * squareMetres * Math.sqrt(2 * gravity * metres) * 1000)
}

function drainingOf(
  catalogue: Catalogue,
  system: System,
  { bucket, names, name }: { readonly bucket: number; readonly names: PlaceNames; readonly name: string },
): Draining {
  const layout = layOut(system)
  const { points, lowest, highest } = levelsOf(layout, outlets)
  const litres = contentOfSystem(catalogue, system)
  const keeps = points
    .filter((point) => point.keeps.length > 0)
    .map(({ nodes, keeps: of }) => ({
      where: names.node(nodes[0]!),
      litres: contentOfStretches(catalogue, system, of),
    }))
  const left = litres - keeps.reduce((sum, kept) => sum + kept.litres, 0)
  const runsOff = lowest === null || left < leastWater ? 0 : left
  const heightOf = (node: string | null) => (node === null ? 0 : (layout.places.get(node)?.[2] ?? 0))
  const unknown = unknownHeights(layout)
  const isKnown = [lowest, highest].every((id) => id === null || !unknown.has(id))
  const fed = system.nodes.filter(({ kind }) => kind === 'tie-in')
  return {
    run: name,
    shut: (fed.length > 0 ? fed : system.nodes.filter(({ kind }) => kind === 'valve')).map(({ id }) => names.node(id)),
    lowest: lowest === null ? null : names.node(lowest),
    highest: highest === null ? null : names.node(highest),
    litres,
    runsOff,
    keeps,
    seconds: runsOff === 0 ? 0 : isKnown ? secondsToRunOff(runsOff, heightOf(highest) - heightOf(lowest)) : null,
    buckets: Math.ceil(runsOff / bucket),
    bucket,
  }
}

/** How each water of a job is drained and filled: a system, or what a manifold joins. */
export function drainings(catalogue: Catalogue, job: Job): Draining[] {
  return watersOf(job)
    .filter(({ legs }) => legs.length > 0)
    .map((system) =>
      drainingOf(catalogue, system, {
        bucket: bucketOf[job.units],
        names: namesInWater(job, system),
        name: waterName(job, system),
      }),
    )
}

/** What all of them hold together, and what runs off, in litres to the hundredth: what is reckoned is no surer. */
export function waterInAll(runs: readonly Draining[]): { readonly litres: number; readonly runsOff: number } {
  const sum = (of: (run: Draining) => number) => Math.round(runs.reduce((all, run) => all + of(run), 0) * 100) / 100
  return { litres: sum(({ litres }) => litres), runsOff: sum(({ runsOff }) => runsOff) }
}
