import type { Catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../catalogue/method'
import { setNode } from './edit-run'
import { chosenChain, withoutMadeUp } from './made-up'
import type { Job } from '../job/job'
import { systemOf } from '../job/system'

/**
 * Chooses what joins a tie-in's existing pipe to the new one: these fittings, with these methods at the old and the new pipe.
 * Figures measured on a former choice do not hold for another and are dropped, and so are made-up pieces between its fittings.
 */
export function chooseChain(
  catalogue: Catalogue,
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
  const system = systemOf(job, run)
  const there = system?.nodes.find(({ id }) => id === node)
  const before = system && there && chosenChain(system, there)
  const same = before?.fittings.join('+') === fittings.join('+')
  return setNode(withoutMadeUp(catalogue, job, run, node), run, node, {
    chain: { fittings, joints: [first.method, last.method] },
    ...(same ? {} : { measured: undefined }),
  })
}
