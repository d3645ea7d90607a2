import type { Job, Leg, Node } from '../job/job'
import { nodeDrawn } from '../job/made-up'
import { nodeWord } from '../job/node-legs'
import { systemOf, systemsOf, type System } from '../job/system'

/** What people call the places of one system; never their ids. */
export interface PlaceNames {
  node(id: string): string
  leg(id: string): string
}
/** What people call a run and the places of its system. */
export interface RunNames extends PlaceNames {
  readonly run: string
}

const wordOf = ({ kind, inLine }: Node): string => (kind === 'open' ? 'open end' : (inLine?.name ?? nodeWord(kind)))

/**
 * The names of a system's nodes and legs: the user's own, or what stands there and its number among its like, in the order
 * in which they were drawn.
 *
 * What stands there because a chain of fittings wants a piece of pipe is called by the node at which the chain was chosen.
 *
 * @remarks for instance: tie-in, elbow, tee, elbow: 'tie-in', 'elbow 1', 'tee', 'elbow 2'; its legs 'leg 1', 'leg 2', 'leg 3'
 */
export function namesIn({ nodes: all, legs: allLegs }: Pick<System, 'nodes' | 'legs'>): PlaceNames {
  const ends = new Set(allLegs.flatMap(({ madeUp, to }) => (madeUp ? [to] : [])))
  const [nodes, legs] = [all.filter(({ id }) => !ends.has(id)), allLegs.filter(({ madeUp }) => !madeUp)]
  const counts = new Map<string, number>()
  for (const node of nodes) counts.set(wordOf(node), (counts.get(wordOf(node)) ?? 0) + 1)
  const met = new Map<string, number>()
  const called = new Map(
    nodes.map((node: Node) => {
      const word = wordOf(node)
      const at = (met.get(word) ?? 0) + 1
      met.set(word, at)
      return [node.id, node.name || (counts.get(word)! > 1 ? `${word} ${at}` : word)]
    }),
  )
  const numbers = new Map(legs.map((leg: Leg, index) => [leg.id, index + 1]))
  const place = (id: string): string => called.get(id) ?? 'a place that is not there'
  return {
    node: (id) => (ends.has(id) ? `${place(nodeDrawn(allLegs, id))}, far end` : place(id)),
    leg(id) {
      const piece = ends.size > 0 && allLegs.find((leg) => leg.madeUp && leg.id === id)
      return piece ? `short piece at ${place(nodeDrawn(allLegs, piece.from))}` : `leg ${numbers.get(id) ?? '?'}`
    },
  }
}

/** What a run is called: as it was named, or by its number in the job. */
export function runNameIn({ runs }: Job, id: string): string {
  const index = runs.findIndex((run) => run.id === id)
  return runs[index]?.name || `run ${index + 1}`
}

/** What a system is called: by its runs. */
export const systemName = (job: Job, { runs }: System): string => runs.map(({ id }) => runNameIn(job, id)).join(', ')

/**
 * What the places are called of what one water fills: each as in its own run. One without a name of its own is told by
 * its run, where there are several systems.
 *
 * @remarks for instance: the outlets of two pipes from a manifold: 'outlet, Basin', 'outlet, Sink'
 */
export function namesInWater(job: Job, water: System): PlaceNames {
  if (systemsOf(job).includes(water)) return namesIn(water)
  const names = namesOf(job)
  const nodes = new Map(water.nodes.map((node) => [node.id, node]))
  const legs = new Map(water.legs.map((leg) => [leg.id, leg]))
  return {
    node(id) {
      const node = nodes.get(id)!
      const of = names.get(node.run)!
      return node.name ? of.node(id) : `${of.node(id)}, ${of.run}`
    },
    leg(id) {
      const of = names.get(legs.get(id)!.run)!
      return `${of.leg(id)}, ${of.run}`
    },
  }
}

/** What one water is called: by its runs, or by the first and how many a fixture leads it on to. */
export function waterName(job: Job, water: System): string {
  const [first, ...others] = systemsOf(job).filter(({ runs }) => runs.some((run) => water.runs.includes(run)))
  const begun = systemName(job, systemOf(job, water.runs[0]!.id) ?? first!)
  if (others.length === 0) return begun
  return `${begun}, and ${others.length} ${others.length === 1 ? 'run' : 'runs'} on from it`
}

/** The names in every run of a job, by the run's id. */
export const namesOf = (job: Job): ReadonlyMap<string, RunNames> =>
  new Map(
    systemsOf(job).flatMap((system) => {
      const places = namesIn(system)
      return system.runs.map(({ id }) => [id, { ...places, run: runNameIn(job, id) }] as const)
    }),
  )

/** The names in one run of a job. */
export const namesInRun = (job: Job, id: string): RunNames => ({
  ...namesIn(systemOf(job, id)!),
  run: runNameIn(job, id),
})
