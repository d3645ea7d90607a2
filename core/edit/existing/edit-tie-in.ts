import type { MethodId } from '../../methods/ids'
import { ofTheFitting } from '../as-kind'
import { setKind, setNode } from '../edit-run'
import type { Job, Node } from '../../job/job'
import { systemOf } from '../../job/system'
import { chainChosen } from '../../job/chosen'

/**
 * Chooses what joins a tie-in's existing pipe to the new one: these fittings, with these methods at the old and the new pipe.
 * Figures measured on a former choice do not hold for another and are dropped, and so are short pieces between its fittings.
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
  const system = systemOf(job, run)
  const there = system?.nodes.find(({ id }) => id === node)
  const same = there && chainChosen(there)?.fittings.join('+') === fittings.join('+')
  return setNode(job, run, node, {
    fitting: { by: 'chain', fittings, joints: [first.method, last.method] },
    ...(same ? {} : { measured: undefined }),
  })
}

/**
 * The job with an end of a run as a tie-in: existing pipe is there, and new pipe is joined to it.
 *
 * @param existing id of the pipe; undefined while nobody knows it
 * @param survey in which it was identified
 */
export function setTieIn(
  job: Job,
  run: string,
  node: string,
  { existing, survey }: Pick<Node, 'existing' | 'survey'>,
): Job {
  const there = systemOf(job, run)?.nodes.find(({ id }) => id === node)
  const isSame = there?.kind === 'tie-in' && there.existing === existing
  return isSame
    ? setNode(job, run, node, { survey })
    : setKind(job, run, node, { kind: 'tie-in', ...ofTheFitting, existing, survey })
}
