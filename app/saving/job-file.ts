import type { Job } from '~~/core/job/job'
import { download } from './download'
import { fileName } from './file-name'

/** Hands the job file to the browser's downloads. */
export function downloadJob(job: Job): void {
  download(fileName(job.title, 'job', 'json'), 'application/json', JSON.stringify(job, null, 2))
}
