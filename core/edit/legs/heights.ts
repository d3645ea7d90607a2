import { thousandths } from '../../quantity/thousandths'
import type { Ids } from '../ids'
import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { addLeg, setNode } from '../edit-run'
import type { Job } from '../../job/job'
import { heightErrors, nearHeight } from '../../run/heights'
import { layOut } from '../../run/layout'
import { moveNode } from './move-node'
import { systemOf } from '../../job/system'

const refuse = refusalsOf({
  id: 'bring-to-height',
  messages: { upright: fixed('Height: no upright leg leads here; draw one up or down first') },
})

/**
 * The job with a node at a height, and the height fixed: the upright legs that lead to it become longer or shorter.
 *
 * @param height mm up from where the run starts, below 0 beneath it
 * @throws RangeError when no upright leg leads to it, or one has not enough length
 * @remarks for instance: an outlet at 640 above the start brought to 1100: the leg up to it becomes 460 longer
 */
export function bringToHeight(job: Job, runId: string, node: string, height: number): Job {
  const marked = setNode(job, runId, node, { height })
  const offBy = (of: Job) => {
    const system = systemOf(of, runId)
    return (system && heightErrors(layOut(system)).find((error) => error.node === node)?.by) ?? 0
  }
  const by = offBy(marked)
  if (by === 0) return marked
  const moved = moveNode(marked, runId, node, [0, 0, by])
  if (Math.abs(offBy(moved)) > nearHeight) throw refuse('upright')
  return moved
}

/**
 * The job with an upright leg from a node to a height.
 *
 * @returns the job and the new end; null where the node stands at that height already
 * @throws Refusal where that is farther than a leg is long
 * @remarks for instance: from a node at 200 to 1100: a leg of 900 up
 */
export function addLegToHeight(
  job: Job,
  ids: Ids,
  runId: string,
  { from, height }: { readonly from: string; readonly height: number },
): { job: Job; node: string; leg: string } | null {
  const system = systemOf(job, runId)
  const place = system && layOut(system).places.get(from)
  if (!place) return null
  const by = thousandths(height - place[2])
  if (Math.abs(by) <= nearHeight) return null
  const added = addLeg(job, ids, runId, { from, direction: by > 0 ? 'up' : 'down', length: Math.abs(by) })
  return { ...added, job: setNode(added.job, runId, added.node, { height }) }
}
