import { twinOf } from '~~/core/edit/twin'
import { download } from '~/saving/download'
import { fileName } from '~/saving/file-name'
import type { JobPackage } from '~/saving/job-package'
import { beginJob } from '~/sync/job/begin-job'
import { httpTransport } from '~/sync/job/job-transport'
import { readWholeJob } from '~/sync/server'
import { useOutboxStore } from '~/stores/outbox'

const away = 'The server or its database does not answer: try again in a moment.'
const mostBytes = 200_000_000

type Problems = Ref<readonly string[]>

/** Hands a job out as a zip with its log and photos. */
function handingOut(problems: Problems) {
  const outbox = useOutboxStore()
  async function handOut(id: string): Promise<void> {
    problems.value = []
    const { waiting, refused } = outbox.state
    if ([...waiting, ...refused].some(({ changes, path }) => changes === 'photos' || path.includes(id))) {
      problems.value = [
        'Some of what was written down still waits to be sent: the zip would lack it. Try again when it has gone.',
      ]
      return
    }
    const told = await readWholeJob(id)
    if (!('done' in told) || !('job' in told.done)) {
      problems.value = ['done' in told ? 'Its text cannot be read: download that by itself.' : (told.message ?? away)]
      return
    }
    const { job } = told.done
    const [{ packJob }, { gatherPackage }] = await Promise.all([
      import('~/saving/job-package'),
      import('~/sync/job/job-package'),
    ])
    const found = await gatherPackage(id, JSON.stringify(job, null, 2))
    if (!found) return void (problems.value = [away])
    const file = await packJob(found)
    download(fileName(job.title, 'job with log', 'zip'), 'application/zip', file.slice().buffer)
  }
  return { handOut }
}

/** Sends what was written down of a job. */
async function sendLog(to: string, of: Pick<JobPackage, 'entries' | 'photos' | 'generation'>): Promise<void> {
  const outbox = useOutboxStore()
  const { packageCommands } = await import('~/sync/job/job-package')
  for (const command of packageCommands(to, of)) void outbox.add(command)
}

/** Takes such a zip back, whole; where its job is here already, that is asked about first. */
function takingIn(problems: Problems) {
  /** A package whose job is here already: whether it is a copy or the same must be asked. */
  const asked = shallowRef<{ readonly title: string; readonly read: JobPackage } | null>(null)

  /** Begins the job of a package under that id. @returns the id; null with `problems` saying why not */
  async function begin(read: JobPackage, isTwin: boolean): Promise<string | null> {
    const [{ readJobText }, { twinLog }, { useCatalogueStore }] = await Promise.all([
      import('~~/core/job/read-job'),
      import('~~/core/log/twin-log'),
      import('~/stores/catalogue'),
    ])
    const found = readJobText(read.job, useCatalogueStore().catalogue)
    if (!found.ok) {
      problems.value = found.fields.map(({ field, problem }) => `job.json, ${field}: ${problem}`)
      return null
    }
    const begun = await beginJob(httpTransport, isTwin ? twinOf(found.job) : found.job, isTwin ? undefined : read.id)
    if (begun.outcome !== 'begun') {
      problems.value =
        begun.outcome === 'invalid' ? begun.fields.map(({ field, problem }) => `${field}: ${problem}`) : [away]
      return null
    }
    const entries = isTwin ? twinLog(read.entries, () => crypto.randomUUID()) : read.entries
    // A copy’s versions begin anew, whatever database it came from.
    await sendLog(begun.id, { ...read, entries, generation: isTwin ? `copy ${read.generation}` : read.generation })
    return begun.id
  }

  /** Takes a package that somebody chose. @returns the job's id; null where it is refused, or asked about first */
  async function takeIn(file: File): Promise<string | null> {
    problems.value = []
    asked.value = null
    if (file.size > mostBytes) {
      problems.value = [`${file.name}: a job with its log is at most 200 MB`]
      return null
    }
    const { readPackage } = await import('~/saving/job-package')
    const told = await readPackage(new Uint8Array(await file.arrayBuffer()))
    if (!told.ok) {
      problems.value = told.problems.map((problem) => `${file.name}, ${problem}`)
      return null
    }
    const here = await readWholeJob(told.read.id)
    if (!('done' in here)) return begin(told.read, false)
    asked.value = { title: 'job' in here.done ? here.done.job.title : file.name, read: told.read }
    return null
  }

  /** Answers what was asked: a copy beside the job that is here, or its log and photos into that one. */
  async function settle(how: 'copy' | 'same'): Promise<string | null> {
    const read = asked.value?.read
    asked.value = null
    if (!read) return null
    if (how === 'copy') return begin(read, true)
    await sendLog(read.id, read)
    return read.id
  }

  return { asked, takeIn, settle }
}

/** Jobs as zips, with their log and photos: handed out, and taken back whole. */
export const useJobPackages = (problems: Problems) => ({ ...handingOut(problems), ...takingIn(problems) })
