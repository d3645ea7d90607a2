import type { Job, Leg, Node, Run } from '../job/job'
import { nodeWord } from '../job/node-legs'

/** What people call the places of one run; never their ids. */
export interface RunNames {
  readonly run: string
  node(id: string): string
  leg(id: string): string
}

/**
 * The names of a run's nodes and legs: the user's own, or what stands there and its number among its like, in the order in
 * which they were drawn.
 *
 * @remarks for instance: tie-in, elbow, tee, elbow: 'tie-in', 'elbow 1', 'tee', 'elbow 2'; its legs 'leg 1', 'leg 2', 'leg 3'
 */
export function namesIn({ name, nodes, legs }: Pick<Run, 'name' | 'nodes' | 'legs'>, number = 1): RunNames {
  const counts = new Map<string, number>()
  for (const { kind } of nodes) counts.set(kind, (counts.get(kind) ?? 0) + 1)
  const met = new Map<string, number>()
  const called = new Map(
    nodes.map((node: Node) => {
      const at = (met.get(node.kind) ?? 0) + 1
      met.set(node.kind, at)
      const word = node.kind === 'open' ? 'open end' : nodeWord(node.kind)
      return [node.id, node.name || (counts.get(node.kind)! > 1 ? `${word} ${at}` : word)]
    }),
  )
  const numbers = new Map(legs.map((leg: Leg, index) => [leg.id, index + 1]))
  return {
    run: name || `run ${number}`,
    node: (id) => called.get(id) ?? 'a place that is not there',
    leg: (id) => `leg ${numbers.get(id) ?? '?'}`,
  }
}

/** The names in every run of a job, by the run's id. */
export const namesOf = (job: Job): ReadonlyMap<string, RunNames> =>
  new Map(job.runs.map((run, index) => [run.id, namesIn(run, index + 1)]))

/** The names in one run of a job. */
export function namesInRun(job: Job, id: string): RunNames {
  const index = job.runs.findIndex((run) => run.id === id)
  return namesIn(job.runs[index]!, index + 1)
}
