import type { MethodId } from '../../methods/ids'
import { setNode } from '../edit-run'
import type { Job, Node, NodeKind } from '../../job/job'
import { systemOf } from '../../job/system'

/**
 * Chooses what joins a tie-in's existing pipe to the new one: these fittings, with these methods at the old and the new pipe.
 * Figures measured on a former choice do not hold for another and are dropped, and so are made-up pieces between its fittings.
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
  const same = there?.chain?.fittings.join('+') === fittings.join('+')
  return setNode(job, run, node, {
    chain: { fittings, joints: [first.method, last.method] },
    ...(same ? {} : { measured: undefined }),
  })
}

/** What was chosen for what stood at a node, and does not hold for another kind of thing. */
const forgotten = { fitting: undefined, arms: undefined, chain: undefined, measured: undefined } as const

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
  if (!there || (there.kind === 'tie-in' && there.existing === existing)) {
    return setNode(job, run, node, { survey })
  }
  return setNode(job, run, node, {
    ...forgotten,
    kind: 'tie-in',
    existing,
    survey,
  })
}

/** The job with another kind of thing at a node. What was chosen for the one before is gone with it. */
export function setKind(job: Job, run: string, node: string, kind: NodeKind): Job {
  const there = systemOf(job, run)?.nodes.find(({ id }) => id === node)
  if (kind === 'tie-in') return setTieIn(job, run, node, { existing: there?.existing })
  const wasTied = there?.kind === 'tie-in'
  return setNode(job, run, node, {
    kind,
    fitting: undefined,
    ...(wasTied ? { ...forgotten, existing: undefined, survey: undefined, condition: undefined } : {}),
  })
}
