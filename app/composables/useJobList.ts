import type { Job } from '~~/core/job/job'
import { readJobText, type FieldProblem } from '~~/core/job/read-job'
import { planJob } from '~~/core/plan'
import { nextStep, progressOf } from '~~/core/progress'
import { httpTransport } from '~/saving/transport'
import { useCatalogueStore } from '~/stores/catalogue'

interface ListedJob {
  readonly id: string
  readonly version: number
  readonly job: Job
  readonly updatedAt: string
}

/** A job whose stored text cannot be read; it stands in the way of no other. */
interface UnreadableJob {
  readonly id: string
  readonly title: string
  readonly unreadable: readonly FieldProblem[]
  readonly text: string
}

/** All jobs with where each stands; and what can be done with them. */
export function useJobList() {
  const own = useCatalogueStore()
  const jobs = shallowRef<readonly ListedJob[]>([])
  const unreadable = shallowRef<readonly UnreadableJob[]>([])
  const state = ref<'loading' | 'ready' | 'waiting'>('loading')
  const problems = ref<readonly string[]>([])
  const rows = computed(() =>
    jobs.value.map((listed) => {
      const progress = progressOf(listed.job, planJob(listed.job, own.catalogue), own.catalogue)
      return { ...listed, progress, next: nextStep(progress) }
    }),
  )

  async function load(): Promise<void> {
    const response = await fetch('/api/jobs').catch(() => null)
    if (!response?.ok) {
      state.value = 'waiting'
      setTimeout(() => void load(), 2000)
      return
    }
    const listed = (await response.json()) as (ListedJob | UnreadableJob)[]
    jobs.value = listed.filter((of): of is ListedJob => 'job' in of)
    unreadable.value = listed.filter((of): of is UnreadableJob => 'unreadable' in of)
    state.value = 'ready'
  }

  async function create(job: Job): Promise<string | null> {
    const answer = await httpTransport.create(job)
    if (answer.outcome === 'done') return answer.stored.id
    problems.value =
      answer.outcome === 'invalid'
        ? answer.fields.map(({ field, problem }) => `${field}: ${problem}`)
        : ['The server or its database does not answer: try again in a moment.']
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

  async function remove(id: string): Promise<void> {
    await fetch(`/api/jobs/${encodeURIComponent(id)}`, { method: 'DELETE' }).catch(() => null)
    await load()
  }

  return { rows, unreadable, state, problems, load, create, upload, remove }
}
