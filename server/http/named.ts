import { catalogueWith } from '~~/core/catalogue/catalogue'
import { siteId } from '~~/core/job/site-id'
import type { Entry } from '~~/core/log/entry'
import { planJob } from '~~/core/plan/plan-job'
import { findJob } from '../database/jobs'
import { currentParts } from '../database/parts'
import { keptPhotos } from '../database/photos'
import type { Named } from './body/log-body'

type Places = Pick<Named, 'version' | 'joints' | 'legs'>

/** What the jobs have that were written of last: ticks come one after another, and the job stays as it is. */
const lately = new Map<string, Places>()
const mostKept = 50

/** Whether it names a place of the plan. */
const namesPlace = ({ subject }: Entry): boolean => subject.joint !== undefined || subject.leg !== undefined

const nowhere: Places = { version: -1, joints: new Set(), legs: new Set() }

/** The joints and legs of a job as it stands. Planned here, not on a thread: a tick does not wait behind a search. */
async function placesOf(id: string): Promise<Places> {
  const [found, parts] = await Promise.all([findJob(id), currentParts()])
  // What cannot be read is asked nothing: what happened on site is written down all the same.
  if (!found || 'unreadable' in found) return nowhere
  const { job, version } = found
  const key = `${id} ${version} ${parts[0]?.id ?? 0} ${parts.length}`
  const known = lately.get(key)
  if (known) return known
  const places = {
    version,
    joints: new Set(planJob(job, catalogueWith(parts)).joints.map((joint) => joint.id)),
    legs: new Set(job.legs.flatMap((leg) => [leg.id, siteId(leg)])),
  }
  const [oldest] = lately.keys()
  if (lately.size >= mostKept && oldest !== undefined) lately.delete(oldest)
  lately.set(key, places)
  return places
}

/** What a job has that these entries may name, and which of the photos that they name are kept. */
export async function namedBy(job: string, entries: readonly Entry[]): Promise<Named> {
  const shas = entries.flatMap(({ kind, body }) => (kind === 'photo' ? [String(body.sha)] : []))
  const [places, photos] = await Promise.all([entries.some(namesPlace) ? placesOf(job) : nowhere, keptPhotos(shas)])
  return { ...places, photos }
}
