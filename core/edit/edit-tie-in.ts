import type { MethodId } from '../catalogue/method'
import { setNode } from './edit-run'
import type { Job } from '../job/job'
import { systemOf } from '../job/system'

/**
 * Chooses what joins a tie-in's existing pipe to the new one: these fittings, with these methods at the old and the new pipe.
 * Figures measured on a former choice do not hold for another and are dropped.
 */
export function chooseChain(
  job: Job,
  run: string,
  node: string,
  chain: {
    readonly fittings: readonly { readonly id: string }[]
    readonly joints: readonly { readonly method: MethodId }[]
  },
): Job {
  const first = chain.joints[0]
  const last = chain.joints.at(-1)
  if (!first || !last) return job
  const fittings = chain.fittings.map(({ id }) => id)
  const before = systemOf(job, run)?.nodes.find(({ id }) => id === node)?.chain
  const same = before?.fittings.join('+') === fittings.join('+')
  return setNode(job, run, node, {
    chain: { fittings, joints: [first.method, last.method] },
    ...(same ? {} : { measured: undefined }),
  })
}
