import { onDatabase } from '../browser-database'
import { allDrafts } from './drafts'

/** A job that this browser keeps: it opens without the server. */
export interface KeptJob {
  readonly id: string
  readonly title: string
}

/** The jobs that open here without the server, the one kept last first: drafts, and copies of what the server had. */
export async function keptJobs(): Promise<KeptJob[]> {
  const [drafts, copies] = await Promise.all([
    allDrafts(),
    onDatabase((database) => database.getAll('copies')).catch(() => []),
  ])
  const found = new Map<string, string>()
  for (const { job, draft } of drafts) if (!found.has(job)) found.set(job, draft.job.title)
  for (const { id, job } of copies.toSorted((one, other) => other.at - one.at))
    if (!found.has(id)) found.set(id, job.title)
  return [...found].map(([id, title]) => ({ id, title: title || 'Untitled' }))
}
