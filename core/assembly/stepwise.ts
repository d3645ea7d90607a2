import { methods } from '../methods'
import type { Message } from '../quantity/words/message'
import type { Vector } from '../quantity/vector'
import { isHeld, isHurtBy, needsFlame, type AssemblyJoint, type AssemblyQuestion } from './question'
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

/** What is joined so far, and whether any of it is held. */
interface Assembly {
  readonly parts: Set<string>
  /** Along which lines its joints were made. */
  readonly axes: Vector[]
  isFixed: boolean
}

/** Each part's assembly. */
class Assemblies {
  private readonly of = new Map<string, Assembly>()

  constructor(private readonly question: AssemblyQuestion) {}

  at(part: string): Assembly {
    const known = this.of.get(part)
    if (known) return known
    const alone = { parts: new Set([part]), axes: [], isFixed: isHeld(this.question, part) }
    this.of.set(part, alone)
    return alone
  }

  join({ parts: [a, b], axis }: AssemblyJoint): void {
    const sides = [this.at(a), this.at(b)] as const
    if (!sides[0].axes.some((of) => alongSame(of, axis))) sides[0].axes.push(axis)
    if (sides[0] === sides[1]) return
    // The smaller one goes into the larger one: no part changes its assembly more often than sizes can double.
    const [small, large] = sides.toSorted((one, other) => one.parts.size - other.parts.size) as [Assembly, Assembly]
    large.isFixed ||= small.isFixed
    large.axes.push(...small.axes.filter((axis) => !large.axes.some((of) => alongSame(of, axis))))
    small.parts.forEach((part) => {
      large.parts.add(part)
      this.of.set(part, large)
    })
  }
}

const alongSame = (a: readonly number[], b: readonly number[]): boolean =>
  Math.abs(a[0]! * b[0]! + a[1]! * b[1]! + a[2]! * b[2]!) > 0.999

function obstacleAt(
  question: AssemblyQuestion,
  { joint, before }: { readonly joint: AssemblyJoint; readonly before: AssemblyJoint | undefined },
  hurtable: readonly AssemblyJoint[],
  assemblies: Assemblies,
): Reason | null {
  const { straight, swings } = question
  const sides = joint.parts.map((part) => assemblies.at(part)) as [Assembly, Assembly]
  const held = sides[0] === sides[1] || sides.every(({ isFixed }) => isFixed)
  const isPushed = joint.slides && before?.slides === true && before.parts[0] === joint.parts[0]
  if (held && !joint.needsNoPlay && !isPushed && joint.spring < joint.insertion) {
    return { kind: 'held', needed: joint.insertion, gives: joint.spring }
  }
  if (methods[joint.method].threaded && !joint.turnsAlone) {
    // One side must turn: nothing held in it, and no pipe that stands out from the thread's own line.
    const turns = sides.some(
      (side) =>
        !side.isFixed &&
        side.axes.every((axis) => alongSame(axis, joint.axis)) &&
        [...side.parts].every((part) => {
          const axis = straight.get(part)
          return axis ? alongSame(axis, joint.axis) : swings.has(part) || joint.parts.includes(part)
        }),
    )
    if (sides[0] === sides[1] || !turns) return { kind: 'cannot turn' }
  }
  if (needsFlame(joint)) {
    const hurt = hurtable.find((other) => isHurtBy(question, joint, other))
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
  const assemblies = new Assemblies(question)
  const hurtable = (question.made ?? []).filter((joint) => !needsFlame(joint))
  for (const [at, joint] of order.entries()) {
    const reason = obstacleAt(question, { joint, before: order[at - 1] }, hurtable, assemblies)
    if (reason) return { joint: joint.id, ...reason }
    assemblies.join(joint)
    if (!needsFlame(joint)) hurtable.push(joint)
  }
  return null
}
