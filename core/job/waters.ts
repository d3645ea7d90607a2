import { isOneWater } from '../catalogue/fixture'
import { DisjointSets } from '../quantity/disjoint-sets'
import { groupBy } from '../quantity/group-by'
import type { Job, Leg, Node } from './job'
import { serviceIn } from './leg-defaults'
import { isRelief } from './place'
import { systemsOf, type System } from './system'

/** The inlet of a fixture through which water goes on. */
const inlet = 'in'

/** What stands at the ends of such a fixture, as water has it: straight on where it comes in, round a corner where it goes out. */
const passing = (node: Node): Node => ({ ...node, kind: node.fixture!.end === inlet ? 'coupling' : 'elbow' })

/** The nodes that lead to one fixture through which water goes on, the inlet first. */
function joinedBy({ nodes }: Job): Node[][] {
  const led = nodes.filter(({ fixture }) => fixture && fixture.kind !== 'own' && isOneWater(fixture.kind))
  return [...groupBy(led, ({ fixture }) => fixture!.id).values()]
    .filter((ends) => ends.length > 1)
    .map((ends) => ends.toSorted((a, b) => Number(b.fixture!.end === inlet) - Number(a.fixture!.end === inlet)))
}

/** The way through a fixture, level and without pipe of its own: nothing is cut or counted for it. */
const wayThrough = (from: Node, to: Node): Leg => ({
  id: `${to.fixture!.id}, ${to.fixture!.end}`,
  run: from.run,
  ...{ from: from.id, to: to.id, direction: 'east', length: null, state: 'no pipe' },
})

/** A relief pipe: nothing fills it. */
const isDry = (system: System): boolean =>
  system.legs.length > 0
    ? system.legs.every((leg) => isRelief(serviceIn(system, leg)))
    : system.runs.every(({ service }) => isRelief(service))

function findWaters(job: Job): readonly System[] {
  const systems = systemsOf(job).filter((system) => !isDry(system))
  const joined = joinedBy(job)
  if (joined.length === 0) return systems
  const sets = new DisjointSets()
  const idOf = new Map(systems.flatMap(({ id, runs }) => runs.map((run) => [run.id, id] as const)))
  /** Those that are fed through a fixture come after what feeds it. */
  const fed = new Set<string>()
  for (const [first, ...others] of joined)
    for (const { run } of others) {
      const [feeding, own] = [idOf.get(first!.run)!, idOf.get(run)!]
      sets.tie(feeding, own)
      if (own !== feeding && first!.fixture!.end === inlet) fed.add(own)
    }
  const ends = new Map(joined.flat().map((node) => [node.id, passing(node)]))
  return [...groupBy(systems, ({ id }) => sets.root(id)).values()].map((together) => {
    const inOrder = together.toSorted((a, b) => Number(fed.has(a.id)) - Number(fed.has(b.id)))
    const runs = new Set(inOrder.flatMap((system) => system.runs.map(({ id }) => id)))
    const ways = joined
      .filter(([first]) => runs.has(first!.run))
      .flatMap(([first, ...others]) => others.map((to) => wayThrough(first!, to)))
    if (ways.length === 0) return inOrder[0]!
    return {
      ...inOrder[0]!,
      runs: inOrder.flatMap((system) => system.runs),
      nodes: inOrder.flatMap((system) => system.nodes.map((node) => ends.get(node.id) ?? node)),
      legs: [...inOrder.flatMap((system) => system.legs), ...ways],
    }
  })
}

const found = new WeakMap<Job, readonly System[]>()

/**
 * What one water fills: the systems of a job, and those that a fixture joins as one, as a manifold joins its feed and its
 * home runs. They are drawn, cut and joined each by itself, but fed, drained and tested together. A joined one begins where
 * the water comes from. A relief pipe is none of them.
 *
 * @remarks for instance: a feed to a manifold, and three pipes from its outlets: one water, of four systems
 */
export function watersOf(job: Job): readonly System[] {
  const known = found.get(job) ?? findWaters(job)
  found.set(job, known)
  return known
}

/** The water in a run; undefined where nothing fills it, or there is no such run. */
export const waterOf = (job: Job, run: string): System | undefined =>
  watersOf(job).find(({ runs }) => runs.some(({ id }) => id === run))
