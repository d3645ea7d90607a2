import type { Job } from '~~/core/job/job'

/** Hands the job file to the browser's downloads. */
export function downloadJob(job: Job): void {
  const url = URL.createObjectURL(new Blob([JSON.stringify(job, null, 2)], { type: 'application/json' }))
  const link = document.createElement('a')
  link.href = url
  link.download = `${
    job.title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'job'
  }.jolvet.json`
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 1000)
}
