import type { Job } from '~~/core/job/job'
import { readJobText } from '~~/core/job/read-job'
import type { StepProgress } from '~~/core/plan/progress'
import type { FieldProblem } from '~~/core/quantity/field-problem'
import type { Units } from '~~/core/quantity/units'
import { beginJob } from '~/sync/begin-job'
import { ask } from '~/sync/ask'
import { keptJobs, type KeptJob } from '~/sync/kept-jobs'
import { httpTransport } from '~/sync/job-transport'
import { useCatalogueStore } from '~/stores/catalogue'

interface Listed {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly updatedAt: string
}
/** A job as the list has it: where it stands, or that this is worked out yet, or that the program fails on it. */
interface PlannedJob extends Listed {
  readonly units: Units
  readonly progress: readonly StepProgress[]
}
interface PendingJob extends Listed {
  readonly pending: true
}
interface UnplannableJob extends Listed {
  readonly unplannable: string
}
type ReadableJob = PlannedJob | PendingJob | UnplannableJob
/** A job whose stored text cannot be read; it stands in the way of no other. */
interface UnreadableJob extends Listed {
  readonly unreadable: readonly FieldProblem[]
}
interface DeletedJob {
  readonly id: string
  readonly title: string
  readonly deletedAt: string
}

const away = 'The server or its database does not answer: try again in a moment.'

/** All jobs with where each stands; and what can be done with them. */
export function useJobList() {
  const own = useCatalogueStore()
  const listed = shallowRef<readonly (ReadableJob | UnreadableJob)[]>([])
  const deleted = shallowRef<readonly DeletedJob[]>([])
  /** Where the list goes on; null at its end. */
  const next = ref<string | null>(null)
  const state = ref<'loading' | 'ready' | 'waiting'>('loading')
  const problems = ref<readonly string[]>([])
  const rows = computed(() => listed.value.filter((job): job is ReadableJob => !('unreadable' in job)))
  /** Jobs that this browser keeps, for when the server does not answer. */
  const kept = shallowRef<readonly KeptJob[]>([])
  const unreadable = computed(() => listed.value.flatMap((job) => ('unreadable' in job ? [job] : [])))

  async function page(after: string | null): Promise<boolean> {
    const query = after === null ? '' : `?after=${encodeURIComponent(after)}`
    const heard = await ask(`/api/job-summaries${query}`)
    if (!heard?.isGood || !heard.json) return false
    const answer = heard.json as { jobs: (ReadableJob | UnreadableJob)[]; next: string | null }
    listed.value = after === null ? answer.jobs : [...listed.value, ...answer.jobs]
    next.value = answer.next
    return true
  }

  let trying: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(trying))

  async function load(): Promise<void> {
    const [isThere, gone] = await Promise.all([page(null), fetch('/api/deleted-jobs').catch(() => null)])
    if (!isThere) {
      kept.value = await keptJobs()
      state.value = 'waiting'
      trying = setTimeout(() => void load(), 2000)
      return
    }
    if (listed.value.some((job) => 'pending' in job)) trying = setTimeout(() => void load(), 1500)
    if (gone?.ok) deleted.value = (await gone.json()) as DeletedJob[]
    state.value = 'ready'
  }

  async function more(): Promise<void> {
    if (next.value !== null && !(await page(next.value))) problems.value = [away]
  }

  async function create(job: Job): Promise<string | null> {
    const begun = await beginJob(httpTransport, job)
    if (begun.outcome === 'begun') return begun.id
    problems.value =
      begun.outcome === 'invalid' ? begun.fields.map(({ field, problem }) => `${field}: ${problem}`) : [away]
    return null
  }

  /** Takes a job file that the user chose. @returns the new job's id, or null with `problems` saying why */
  async function upload(file: File): Promise<string | null> {
    problems.value = []
    if (file.size > 2_000_000) {
      problems.value = [`${file.name}: a job file is at most 2 MB`]
      return null
    }
    const read = readJobText(await file.text(), own.catalogue)
    if (read.ok) return create(read.job)
    problems.value = read.fields.map(({ field, problem }) => `${file.name}, ${field}: ${problem}`)
    return null
  }

  /** A whole job, or the text of one that cannot be read; null with `problems` saying why. */
  async function fetchJob(id: string): Promise<{ job: Job } | { text: string } | null> {
    const response = await fetch(`/api/jobs/${encodeURIComponent(id)}`).catch(() => null)
    const answer = (await response?.json().catch(() => null)) as { job?: Job; text?: string; message?: string } | null
    if (answer?.job && response?.ok) return { job: answer.job }
    if (answer?.text !== undefined) return { text: answer.text }
    problems.value = [answer?.message ?? away]
    return null
  }

  async function tell(path: string, method: 'DELETE' | 'POST'): Promise<void> {
    problems.value = []
    const response = await fetch(path, { method }).catch(() => null)
    if (!response?.ok) {
      const answer = (await response?.json().catch(() => null)) as { message?: string } | null
      problems.value = [answer?.message ?? away]
    }
    await load()
  }
  /** Deletes a job as it was seen; it can be put back for thirty days. */
  const remove = ({ id, version }: { id: string; version: number }): Promise<void> =>
    tell(`/api/jobs/${encodeURIComponent(id)}?version=${version}`, 'DELETE')
  const putBack = (id: string): Promise<void> => tell(`/api/jobs/${encodeURIComponent(id)}/put-back`, 'POST')

  return {
    rows,
    unreadable,
    kept,
    deleted,
    next,
    state,
    problems,
    load,
    more,
    create,
    upload,
    fetchJob,
    remove,
    putBack,
  }
}
