import { fixtureIds, newFixtureId } from '../edit/lead-to'
import type { Job, Node } from '../job/job'

/** What is drawn beside a job's own pipework is set so far off it, in mm, that the two can be told apart. */
const beside = 1000

/** How far north what is drawn in a job reaches, as its fixed points say. */
const furthest = ({ nodes }: Job): number => Math.max(0, ...nodes.map(({ at }) => at?.[1] ?? 0))

/** The drawn fixtures by names that the job has not yet: two basins are not one. */
function fixtureNames(job: Job, drawn: Job): ReadonlyMap<string, string> {
  const names = new Map<string, string>()
  for (const id of fixtureIds(drawn))
    if (!names.has(id)) names.set(id, newFixtureId(id, [...fixtureIds(job), ...names.values()]))
  return names
}

/**
 * The job with what a pattern drew as runs of its own, beside what is there. Its ids are of chance: no two are alike.
 *
 * @remarks for instance: a basin pair drawn into a job of one run: three runs, and the notes of both
 */
export function addToJob(job: Job, drawn: Job): Job {
  const north = job.nodes.length > 0 ? furthest(job) + beside : 0
  const names = fixtureNames(job, drawn)
  const set = ({ at, fixture, ...node }: Node): Node => ({
    ...node,
    ...(at ? { at: [at[0], at[1] + north, at[2]] } : {}),
    ...(fixture ? { fixture: { ...fixture, id: names.get(fixture.id)! } } : {}),
  })
  return {
    ...job,
    runs: [...job.runs, ...drawn.runs],
    nodes: [...job.nodes, ...drawn.nodes.map(set)],
    legs: [...job.legs, ...drawn.legs],
    ...((job.fixtures ?? drawn.fixtures) && {
      fixtures: [
        ...(job.fixtures ?? []),
        ...(drawn.fixtures ?? []).map((of) => ({ ...of, id: names.get(of.id) ?? of.id })),
      ],
    }),
    note: [job.note, drawn.note].filter(Boolean).join('\n').slice(0, 5000),
  }
}
