import type { Job } from './job'
import type { Visit } from './visit-schema'

/** What is made at a visit: runs by their ids, in the order of the job. */
export interface VisitRuns {
  readonly visit: Visit
  /** Null where nobody said what of the job is made then. */
  readonly runs: readonly string[] | null
}

/** Runs that are made at one visit, and those that are made before it, by their ids. */
export interface PartOfJob {
  readonly visit: string
  readonly runs: readonly string[]
  readonly before: readonly string[]
}

const isBefore = (one: Visit, other: Visit): number =>
  `${one.on} ${one.at ?? ''}` < `${other.on} ${other.at ?? ''}` ? -1 : 1

/**
 * The visits of a job one after another, each with the runs that are made then. A run that two of them name is made at the
 * first; one visit that names none makes what no other does.
 *
 * @remarks for instance: a rough-in that names hot and cold, and a visit after it that names none: that one makes the rest
 */
export function runsOfVisits({ visits = [], runs }: Pick<Job, 'visits' | 'runs'>): VisitRuns[] {
  const inOrder = visits.toSorted(isBefore)
  const silent = inOrder.filter((visit) => !visit.runs?.length)
  const left = new Set(runs.map(({ id }) => id))
  const named = inOrder.map((visit): VisitRuns => {
    const own = runs.flatMap(({ id }) => (visit.runs?.includes(id) && left.delete(id) ? [id] : []))
    return { visit, runs: own }
  })
  return named.map((of) => (silent.includes(of.visit) ? { ...of, runs: silent.length === 1 ? [...left] : null } : of))
}

/**
 * What of a job is made at one of its visits; null where nobody said, undefined where it is come to once: then all of it.
 */
export function partAtVisit(job: Pick<Job, 'visits' | 'runs'>, id: string): PartOfJob | null | undefined {
  const visits = runsOfVisits(job)
  const at = visits.findIndex(({ visit }) => visit.id === id)
  if (visits.length < 2 || at < 0) return undefined
  const { runs } = visits[at]!
  return runs && { visit: id, runs, before: visits.slice(0, at).flatMap((earlier) => earlier.runs ?? []) }
}

/**
 * The runs that are made at no visit, though it is said of each of several what is made then.
 *
 * @remarks for instance: hot at the first visit, cold at the second, and a drain that neither makes: the drain
 */
export function runsAtNoVisit(job: Pick<Job, 'visits' | 'runs'>): string[] {
  const visits = runsOfVisits(job)
  if (visits.length < 2 || visits.some(({ runs }) => runs === null)) return []
  const made = new Set(visits.flatMap(({ runs }) => runs ?? []))
  return job.runs.flatMap(({ id }) => (made.has(id) ? [] : [id]))
}
