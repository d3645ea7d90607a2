import { computed, onScopeDispose, ref, shallowRef } from 'vue'
import { twinOf } from '~~/core/edit/twin'
import type { Job } from '~~/core/job/job'
import { beginJob } from '~/sync/job/begin-job'
import { httpTransport } from '~/sync/job/job-transport'
import { keptJobs, type KeptJob } from '~/sync/job/kept-jobs'
import {
  deleteJob,
  putJobBack,
  readDeletedJobs,
  readJobs,
  readWholeJob,
  type DeletedJob,
  type ListedJob,
  type ReadableJob,
  type Told,
  type UnreadableJob,
} from '~/sync/server'

const away = 'The server or its database does not answer: try again in a moment.'
/** So many ms pass before the server is asked again: where it did not answer, and where it still works something out. */
const [untilBack, untilPlanned] = [2000, 1500]

/** All jobs with where each stands, page by page, as far as the server can be asked. */
function useListedJobs() {
  const listed = shallowRef<readonly (ReadableJob | UnreadableJob)[]>([])
  const deleted = shallowRef<readonly DeletedJob[]>([])
  /** Jobs that this browser keeps, for when the server does not answer. */
  const kept = shallowRef<readonly KeptJob[]>([])
  /** Where the list goes on; null at its end. */
  const next = ref<string | null>(null)
  const state = ref<'loading' | 'ready' | 'waiting'>('loading')

  async function page(after: string): Promise<boolean> {
    const read = await readJobs(after)
    if (!read) return false
    listed.value = [...listed.value, ...read.jobs]
    next.value = read.next
    return true
  }
  /** Reads anew as many as are shown, so that pages asked for stay. */
  async function pagesShown(): Promise<boolean> {
    const shown = listed.value.length
    const all: (ReadableJob | UnreadableJob)[] = []
    let after: string | null = null
    do {
      const read = await readJobs(after)
      if (!read) return false
      all.push(...read.jobs)
      after = read.next
    } while (after !== null && all.length < shown)
    // A page was asked for meanwhile: this reading is short of it.
    if (listed.value.length > shown) return pagesShown()
    listed.value = all
    next.value = after
    return true
  }
  let trying: ReturnType<typeof setTimeout> | undefined
  const tryAgain = (after: number) => (trying = setTimeout(() => void load(), after))
  onScopeDispose(() => clearTimeout(trying))

  async function load(): Promise<void> {
    const [isThere, gone] = await Promise.all([pagesShown(), readDeletedJobs()])
    if (!isThere) {
      kept.value = await keptJobs()
      state.value = 'waiting'
      tryAgain(untilBack)
      return
    }
    if (listed.value.some((job) => 'pending' in job)) tryAgain(untilPlanned)
    deleted.value = gone ?? deleted.value
    state.value = 'ready'
  }

  const rows = computed(() => listed.value.filter((job): job is ReadableJob => !('unreadable' in job)))
  const unreadable = computed(() => listed.value.flatMap((job) => ('unreadable' in job ? [job] : [])))
  return { rows, unreadable, kept, deleted, next, state, load, page }
}

/** All jobs with where each stands; and what can be done with them. */
export function useJobList() {
  const { page, ...listed } = useListedJobs()
  const problems = ref<readonly string[]>([])

  async function more(): Promise<void> {
    const { next } = listed
    if (next.value !== null && !(await page(next.value))) problems.value = [away]
  }

  async function create(drawn: Job): Promise<string | null> {
    const job = { zone: Intl.DateTimeFormat().resolvedOptions().timeZone, ...drawn }
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
    const [{ readJobText }, { useCatalogueStore }] = await Promise.all([
      import('~~/core/job/read-job'),
      import('~/stores/catalogue'),
    ])
    const read = readJobText(await file.text(), useCatalogueStore().catalogue)
    if (read.ok) return create(read.job)
    problems.value = read.fields.map(({ field, problem }) => `${file.name}, ${field}: ${problem}`)
    return null
  }

  /** Begins a job with all that was decided in another. @returns its id, or null with `problems` saying why */
  async function duplicate(id: string): Promise<string | null> {
    const found = doneOf(await readWholeJob(id))
    return found && 'job' in found ? create(twinOf(found.job)) : null
  }

  /** What was done; null with `problems` saying why not. */
  function doneOf<Answer>(told: Told<Answer>): Answer | null {
    problems.value = 'done' in told ? [] : [told.message ?? away]
    return 'done' in told ? told.done : null
  }
  /** A whole job, or the text of one that cannot be read; null with `problems` saying why. */
  const fetchJob = async (id: string) => doneOf(await readWholeJob(id))
  async function remove(job: Pick<ListedJob, 'id' | 'version'>): Promise<void> {
    doneOf(await deleteJob(job))
    await listed.load()
  }
  async function putBack(id: string): Promise<void> {
    doneOf(await putJobBack(id))
    await listed.load()
  }

  return { ...listed, problems, more, create, upload, duplicate, fetchJob, remove, putBack }
}
