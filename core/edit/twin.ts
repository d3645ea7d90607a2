import type { Job } from '../job/job'

const longest = 200

/**
 * A job to go on with from another: all that was decided, under a title that tells the two apart. What happened at the
 * other stays there, and so do the days on which somebody comes to it.
 *
 * @example twinOf(job).title // 'A, copy'
 */
export function twinOf({ sample: _sample, visits: _visits, ...job }: Job): Job {
  const after = ', copy'
  return { ...job, title: `${job.title.slice(0, longest - after.length)}${after}` }
}
