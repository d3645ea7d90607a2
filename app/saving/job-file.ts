import type { Job } from '~~/core/job/job'
import { download } from './download'

/** Hands the job file to the browser's downloads. */
export function downloadJob(job: Job): void {
  const name = job.title
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
  download(`${name || 'job'}.jolvet.json`, 'application/json', JSON.stringify(job, null, 2))
}
