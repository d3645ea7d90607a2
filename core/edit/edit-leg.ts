import type { Ids } from './ids'
import { sentence } from '../quantity/message'
import { refusalsOf } from '../quantity/refusal'
import { removeLeg } from './edit-run'
import type { Job, Leg, Node } from '../job/job'

const refuse = refusalsOf({
  id: 'split-leg',
  messages: {
    place: sentence({ length: 1000 }, ({ length }, say) => `Place: more than nought, less than ${say.length(length)}`),
  },
})

/** What a leg is fixed to stays where it is: where the first of it stands from a place along the leg. */
function offsetFrom({ spacing, offset }: NonNullable<Leg['fixings']>, at: number): number {
  const from = offset - at
  return from >= 0 ? from : from + Math.ceil(-from / spacing) * spacing
}

/**
 * The job with a node put into a leg: the leg is split there, and everything beyond it stays where it is.
 *
 * @param at mm from the leg's first node, more than 0 and less than its length
 * @throws RangeError when the place is not within the leg
 * @remarks for instance: a valve into a leg of 1000 at 300: legs of 300 and 700 with the valve between
 */
export function splitLeg(
  job: Job,
  ids: Ids,
  runId: string,
  legId: string,
  at: number,
  kind: Node['kind'],
): { job: Job; node: string } {
  const run = job.runs.find(({ id }) => id === runId)
  const leg = run?.legs.find(({ id }) => id === legId)
  if (!run || !leg) return { job, node: '' }
  if (!(at > 0 && at < leg.length)) throw refuse('place', { length: leg.length })
  const node = ids('n', run.nodes)
  const { free } = leg
  const first: Leg = { ...leg, to: node, length: at, ...(free ? { free: { start: free.start } } : {}) }
  const second: Leg = {
    ...leg,
    id: ids('l', run.legs),
    from: node,
    length: leg.length - at,
    ...(free ? { free: { end: free.end } } : {}),
    ...(leg.fixings ? { fixings: { ...leg.fixings, offset: offsetFrom(leg.fixings, at) } } : {}),
  }
  const legs = run.legs.flatMap((known) => (known === leg ? [first, second] : [known]))
  const nodes: Node[] = [...run.nodes, { id: node, kind }]
  return { job: { ...job, runs: job.runs.map((known) => (known === run ? { ...run, nodes, legs } : known)) }, node }
}

/** The job without several legs and all that hangs on them. */
export const removeLegs = (job: Job, run: string, legs: readonly string[]): Job =>
  legs.reduce((left, leg) => removeLeg(left, run, leg), job)
