import type { Job, KeptBender } from '../../job/job'
import type { Catalogue } from '../../catalogue/catalogue'
import type { Pipe } from '../../catalogue/pipe'
import type { Bender } from '../../bend/bender'
import { keptBender, takesSize } from '../../job/bender-of-job'

const keepBender = (job: Job, bender: KeptBender): Job => ({
  ...job,
  benders: [...(job.benders ?? []).filter((kept) => !takesSize(kept, bender.od)), bender],
})

/** The new pipe that meets in the job's bends, by the bend's node. */
function pipesBent({ runs, nodes, legs }: Job): Map<string, readonly string[]> {
  const pipeOfRun = new Map(runs.map(({ id, pipe }) => [id, pipe]))
  const fresh = legs.filter(({ state }) => state === undefined)
  const at = new Map(nodes.flatMap(({ id, kind }): [string, string[]][] => (kind === 'bend' ? [[id, []]] : [])))
  for (const { pipe, run, from, to } of fresh)
    for (const node of [from, to]) at.get(node)?.push(pipe ?? pipeOfRun.get(run)!)
  return at
}

/**
 * Marks the job's bends for another bender: its copy is kept in place of the one before, and the bends of its size take
 * its radius.
 */
export function markFor(catalogue: Catalogue, job: Job, bender: KeptBender): Job {
  const bent = pipesBent(job)
  const isForIt = (node: string) =>
    bent.get(node)?.some((id) => takesSize(bender, catalogue.pipe(id)?.od ?? Number.NaN)) ?? false
  const nodes = job.nodes.map((node) => (isForIt(node.id) ? { ...node, radius: bender.radius } : node))
  return keepBender({ ...job, nodes }, bender)
}

/**
 * Keeps a copy of the bender in the hand with the bends that are drawn for it: what happens to the workshop's later
 * does not move a mark. What is kept already stays.
 *
 * @param inHand the bender for a pipe; null where there is none, or the pipe is not bent in one
 */
export function keepBenders(catalogue: Catalogue, job: Job, inHand: (pipe: Pipe) => KeptBender | null): Job {
  return [...new Set([...pipesBent(job).values()].flat())].reduce((kept, id) => {
    const pipe = catalogue.pipe(id)
    const bender = pipe && !keptBender(kept, pipe.od) ? inHand(pipe) : null
    return bender ? keepBender(kept, bender) : kept
  }, job)
}

/** How the workshop's bender stands to the one that a job keeps. */
export type KeptState = 'as kept' | 'changed' | 'gone'

/**
 * Whether the workshop still has the bender that a job keeps, and as it was then.
 *
 * @param now the workshop's benders by id
 */
export function stateOfKept({ id, ...kept }: KeptBender, now: Readonly<Record<string, Bender>>): KeptState {
  const own = now[id]
  if (!own) return 'gone'
  const inOrder = (of: object) => JSON.stringify(Object.entries(of).sort(([a], [b]) => a.localeCompare(b)))
  return inOrder(own) === inOrder(kept) ? 'as kept' : 'changed'
}
