import type { Catalogue } from '../../catalogue/catalogue'
import type { Pipe } from '../../catalogue/pipe'
import type { Job } from '../../job/job'
import { profileWith } from '../../workshop/profile'
import { methodFor } from '../runs/choose-pipe'
import type { RunLike } from '../new-job'

/** Old bores and the metric copper of the same nominal bore that is laid today. */
const todayOf: Readonly<Record<string, string>> = {
  '1/2': 'copper-half-hard-en-1057-r250-15x0.7',
  '3/4': 'copper-half-hard-en-1057-r250-22x0.9',
  '1': 'copper-half-hard-en-1057-r250-28x0.9',
}

/** What is met in old buildings, and laid no more: lead, and the grey plastic that was withdrawn. */
const isWithdrawn = ({ family, standard }: Pipe): boolean => family === 'lead' || standard === 'old grey CTS'

/**
 * The pipe and the method of new pipe that goes on from existing pipe: the same pipe where it is still laid, metric copper
 * for an old bore; nothing for pipe that is replaced rather than joined.
 *
 * @remarks for instance: from old 3/4 bore: 22 copper, soldered
 */
export function newPipeFrom(catalogue: Catalogue, job: Job, existing: string): RunLike {
  const found = catalogue.pipe(existing)
  if (!found || isWithdrawn(found)) return {}
  const pipe = found.family === 'old-bore' ? catalogue.pipe(todayOf[found.nominal] ?? '') : found
  if (!pipe) return {}
  const circumstances = {
    service: 'cold' as const,
    place: { ...job.place },
    profile: profileWith(job.profile, job.own?.changes),
    tools: job.tools,
  }
  return { pipe: pipe.id, method: methodFor(catalogue, pipe, 'solder', circumstances) }
}
