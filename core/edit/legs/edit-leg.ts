import { hasNoPipe } from '../../run/states'
import type { Ids } from '../ids'
import { fixed, sentence } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { removeLeg, withSystem } from '../edit-run'
import { fixingsFrom } from '../../job/fixings'
import type { Job, Leg, Node } from '../../job/job'
import { systemOf, drawnLength } from '../../job/system'
import { nameChosen } from '../../job/chosen'

const refuse = refusalsOf({
  id: 'split-leg',
  messages: {
    'no pipe': fixed('This leg: one fitting stands in the other here, and there is no pipe to put anything into'),
    place: sentence({ length: 1000 }, ({ length }, say) => `Place: more than nought, less than ${say.length(length)}`),
  },
})

/** What stands on the arm of a leg, now that the part of the leg that meets the node has another id. */
function withArmMoved(node: Node, from: string, to: string): Node {
  const named = nameChosen(node)
  const { [from]: arm, ...others } = named?.arms ?? {}
  return named && arm ? { ...node, fitting: { ...named, arms: { ...others, [to]: arm } } } : node
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
  { legId, at, kind }: { readonly legId: string; readonly at: number; readonly kind: Node['kind'] },
): { job: Job; node: string } {
  const system = systemOf(job, runId)
  const leg = system?.legs.find(({ id }) => id === legId)
  if (!system || !leg) return { job, node: '' }
  if (hasNoPipe(leg)) throw refuse('no pipe')
  const length = drawnLength(leg)
  if (!(at > 0 && at < length)) throw refuse('place', { length })
  const node = ids('n', job.nodes)
  const { free } = leg
  const first: Leg = { ...leg, to: node, length: leg.length && at, ...(free ? { free: { start: free.start } } : {}) }
  const second: Leg = {
    ...leg,
    id: ids('l', job.legs),
    from: node,
    length: leg.length && leg.length - at,
    ...(free ? { free: { end: free.end } } : {}),
    ...(leg.fixings ? { fixings: fixingsFrom(leg.fixings, at) } : {}),
  }
  return {
    job: withSystem(job, runId, ({ nodes, legs }) => ({
      nodes: [
        ...nodes.map((known) => (known.id === leg.to ? withArmMoved(known, leg.id, second.id) : known)),
        { id: node, run: leg.run, kind },
      ],
      legs: legs.flatMap((known) => (known === leg ? [first, second] : [known])),
    })),
    node,
  }
}

/** The job without several legs and all that hangs on them. */
export const removeLegs = (job: Job, run: string, legs: readonly string[]): Job =>
  legs.reduce((left, leg) => removeLeg(left, run, leg), job)
