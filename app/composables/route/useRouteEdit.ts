import type { Job } from '~~/core/job/job'

/** Tries an edit that may not be possible: it is done, or it is said why not and nothing changes. */
export function useRouteEdit() {
  const { job, change } = useOpenJob()
  const { problemOf } = useWords()
  const problem = ref('')
  function attempt(edit: (job: Job) => Job): boolean {
    problem.value = ''
    try {
      change(edit(job.value))
      return true
    } catch (error) {
      problem.value = problemOf(error)
      return false
    }
  }
  return { problem, attempt }
}
