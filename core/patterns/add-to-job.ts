import type { Job } from '../job/job'

/** What is drawn beside a job's own pipework is set so far off it, in mm, that the two can be told apart. */
const beside = 1000

/** How far north what is drawn in a job reaches, as its fixed points say. */
const furthest = ({ nodes }: Job): number => Math.max(0, ...nodes.map(({ at }) => at?.[1] ?? 0))

/**
 * The job with what a pattern drew as runs of its own, beside what is there. Its ids are of chance: no two are alike.
 *
 * @remarks for instance: a basin pair drawn into a job of one run: three runs, and the notes of both
 */
export function addToJob(job: Job, drawn: Job): Job {
  const north = job.nodes.length > 0 ? furthest(job) + beside : 0
  return {
    ...job,
    runs: [...job.runs, ...drawn.runs],
    nodes: [
      ...job.nodes,
      ...drawn.nodes.map((node) =>
        node.at ? { ...node, at: [node.at[0], node.at[1] + north, node.at[2]] as typeof node.at } : node,
      ),
    ],
    legs: [...job.legs, ...drawn.legs],
    note: [job.note, drawn.note].filter(Boolean).join('\n').slice(0, 5000),
  }
}
