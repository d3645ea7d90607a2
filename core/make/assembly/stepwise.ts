import type { Message } from '../../quantity/message'
import { hasRubber, isNear, needsFlame, type AssemblyJoint, type AssemblyQuestion } from './question'
import { obstacleSays } from './sayings'

/** Why a joint cannot be made as its turn comes. */
export type Obstacle = { readonly joint: string } & Reason
type Reason =
  | { readonly kind: 'held'; readonly needed: number; readonly gives: number }
  | { readonly kind: 'cannot turn' }
  | { readonly kind: 'heat'; readonly hurt: string }

/** An obstacle, to be told. */
export function obstacleMessage(obstacle: Reason): Message {
  if (obstacle.kind === 'held') return obstacleSays('held', { needed: obstacle.needed, gives: obstacle.gives })
  return obstacle.kind === 'heat' ? obstacleSays('heat', { hurt: obstacle.hurt }) : obstacleSays('cannot turn')
}

/** What is joined so far: each part's assembly. */
class Assemblies {
  private readonly of = new Map<string, Set<string>>()

  at(part: string): Set<string> {
    const known = this.of.get(part)
    if (known) return known
    const alone = new Set([part])
    this.of.set(part, alone)
    return alone
  }

  join([a, b]: readonly [string, string]): void {
    const [first, second] = [this.at(a), this.at(b)]
    if (first === second) return
    second.forEach((part) => {
      first.add(part)
      this.of.set(part, first)
    })
  }
}

const alongSame = (a: readonly number[], b: readonly number[]): boolean =>
  Math.abs(a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!) > 0.999

function obstacleAt(
  question: AssemblyQuestion,
  joint: AssemblyJoint,
  made: readonly AssemblyJoint[],
  assemblies: Assemblies,
): Reason | null {
  const { fixed, straight } = question
  const sides = joint.parts.map((part) => assemblies.at(part)) as [Set<string>, Set<string>]
  const isFixed = (side: Set<string>) => [...side].some((part) => fixed.has(part))
  const held = sides[0] === sides[1] || (isFixed(sides[0]) && isFixed(sides[1]))
  if (held && !joint.needsNoPlay && joint.spring < joint.insertion) {
    return { kind: 'held', needed: joint.insertion, gives: joint.spring }
  }
  if (joint.method === 'thread') {
    // One side must turn: nothing held in it, and nothing that stands out from the thread's own line.
    const turns = sides.some(
      (side) =>
        !isFixed(side) &&
        [...side].every((part) => {
          const axis = straight.get(part)
          return axis ? alongSame(axis, joint.axis) : joint.parts.includes(part)
        }),
    )
    if (sides[0] === sides[1] || !turns) return { kind: 'cannot turn' }
  }
  if (needsFlame(joint)) {
    const hurt = made.find((other) => hasRubber(other) && isNear(question, joint, other))
    if (hurt) return { kind: 'heat', hurt: hurt.where }
  }
  return null
}

/**
 * Goes through an order joint by joint: the proof that it can be made.
 *
 * @returns the first joint that cannot be made as its turn comes; null when all can
 */
export function firstObstacle(question: AssemblyQuestion, order: readonly AssemblyJoint[]): Obstacle | null {
  const assemblies = new Assemblies()
  for (const [index, joint] of order.entries()) {
    const reason = obstacleAt(question, joint, order.slice(0, index), assemblies)
    if (reason) return { joint: joint.id, ...reason }
    assemblies.join(joint.parts)
  }
  return null
}
