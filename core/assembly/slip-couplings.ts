import { groupBy } from '../quantity/group-by'
import { handsAt } from './hands'
import type { AssemblyJoint, AssemblyQuestion } from './question'

/** A question in which each slip coupling is one joint between its two pipes, and how to tell its mouths apart again. */
export interface DrawnOver {
  readonly question: AssemblyQuestion
  /** The joints that one of this question stands for, in the order in which they are made. */
  readonly mouthsOf: (joint: string) => readonly string[]
}

const asOne = ([one, other]: readonly [AssemblyJoint, AssemblyJoint]): AssemblyJoint => ({
  ...one,
  // The fitting stands first of a joint's parts: what is left are the two pipes.
  parts: [one.parts[1], other.parts[1]],
  slides: false,
  needsNoPlay: true,
  inPlace: true,
  minutes: one.minutes + handsAt(one, other),
  wait: Math.max(one.wait, other.wait),
})

/** Whom a flame at a joint reaches, where some joints stand for two. */
function nearWith(near: AssemblyQuestion['near'], standsFor: ReadonlyMap<string, string>) {
  const merged = new Map<string, Set<string>>()
  const stand = (id: string) => standsFor.get(id) ?? id
  for (const [id, others] of near) {
    const reached = merged.get(stand(id)) ?? new Set()
    for (const other of others) if (stand(other) !== stand(id)) reached.add(stand(other))
    merged.set(stand(id), reached)
  }
  return merged
}

/**
 * Takes the two mouths of each slip coupling as one joint: the coupling is pushed back over one pipe, the other pipe comes
 * to its place, and the coupling is drawn over both. So both are made in place, one right after the other.
 *
 * @remarks for instance: a leak cut out and closed by a short piece between two slip couplings: two joints instead of four, none on the bench
 */
export function drawnOver(question: AssemblyQuestion): DrawnOver {
  const { joints, near } = question
  const byCoupling = groupBy(
    joints.filter(({ slides }) => slides),
    ({ parts }) => parts[0],
  )
  const pairs = [...byCoupling.values()].filter((of): of is [AssemblyJoint, AssemblyJoint] => of.length === 2)
  if (pairs.length === 0) return { question, mouthsOf: (joint) => [joint] }
  const first = new Map(pairs.map((pair) => [pair[0].id, pair]))
  const second = new Map(pairs.map(([one, other]) => [other.id, one.id]))
  return {
    question: {
      ...question,
      joints: joints.flatMap((joint) => {
        const pair = first.get(joint.id)
        return pair ? [asOne(pair)] : second.has(joint.id) ? [] : [joint]
      }),
      near: nearWith(near, second),
    },
    mouthsOf: (joint) => first.get(joint)?.map(({ id }) => id) ?? [joint],
  }
}
