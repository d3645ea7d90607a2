import type { Job } from './job'
import type { JobOfVersion2 } from './version-2'

/** The job with every pipe under the id that it goes by now. */
export function namePipes<Of extends Job | JobOfVersion2>(job: Of, idNow: (id: string) => string): Of {
  const named = (id: string | undefined) => (id === undefined ? {} : { pipe: idNow(id) })
  return {
    ...job,
    runs: job.runs.map((run) => ({ ...run, pipe: idNow(run.pipe) })),
    nodes: job.nodes.map((node) => (node.existing === undefined ? node : { ...node, existing: idNow(node.existing) })),
    legs: job.legs.map((leg) => ({ ...leg, ...named(leg.pipe) })),
    surveys: job.surveys.map((survey) => ({ ...survey, ...named(survey.pipe) })),
    ...(job.stock && {
      stock: {
        ...job.stock,
        lengths: Object.fromEntries(Object.entries(job.stock.lengths).map(([id, mm]) => [idNow(id), mm])),
      },
    }),
  }
}
