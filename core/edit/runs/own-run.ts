import type { Job, Run } from '../../job/job'
import { pipeIdIn, serviceIn } from '../../job/leg-defaults'
import { runOf, systemOf } from '../../job/system'
import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import type { Ids } from '../ids'
import { branchFrom } from './part'

const refuse = refusalsOf({
  id: 'own-run',
  messages: { whole: fixed('A run of its own: this is all of its run already') },
})

/**
 * The job with a leg and all that hangs on it as a run of its own, which goes on from where it did: its pipe, method,
 * service and place can then be chosen for itself. What was written down of it stays.
 *
 * @throws RangeError where nothing of its run would be left
 * @remarks for instance: the third leg of a tee and two more: a run of three legs, as the run before it
 */
export function toOwnRun(job: Job, ids: Ids, runId: string, legId: string): { job: Job; run: string } {
  const system = systemOf(job, runId)
  const first = system?.legs.find((leg) => leg.id === legId)
  if (!system || !first) return { job, run: runId }
  const branch = branchFrom(system, legId)
  const part = new Set(branch.legs)
  if (system.legs.every((leg) => leg.run !== first.run || part.has(leg))) throw refuse('whole')
  const id = ids('r', job.runs)
  const run: Run = {
    ...runOf(system, first),
    id,
    name: `Run ${job.runs.length + 1}`,
    pipe: pipeIdIn(system, first),
    service: serviceIn(system, first),
  }
  const taken = <Item extends { run: string; began?: string }>(item: Item): Item => ({
    ...item,
    run: id,
    began: item.began ?? item.run,
  })
  return {
    run: id,
    job: {
      ...job,
      runs: [...job.runs, run],
      nodes: job.nodes.map((node) => (branch.nodes.has(node.id) ? taken(node) : node)),
      legs: job.legs.map((leg) => {
        if (!part.has(leg)) return leg
        const [pipe, service] = [pipeIdIn(system, leg), serviceIn(system, leg)]
        return {
          ...taken(leg),
          pipe: pipe === run.pipe ? undefined : pipe,
          service: service === run.service ? undefined : service,
        }
      }),
    },
  }
}
