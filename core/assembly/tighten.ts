import type { AssemblyJoint, AssemblyQuestion } from './question'
import { effort } from './effort'
import { handsAt } from './hands'
import { firstObstacle } from './stepwise'

/** An order of joints, and what of it is done with the water off. */
export interface Arranged {
  readonly order: readonly AssemblyJoint[]
  /** How many are made before the water is off. */
  readonly early: number
  /** Minutes until water may stand on all the others. */
  readonly waterOff: number
}

/** Minutes from the first of these until water may stand on all of them. */
function minutesOf(joints: readonly AssemblyJoint[]): number {
  let at = 0
  let ready = 0
  for (const [index, joint] of joints.entries()) {
    at += handsAt(joints[index - 1], joint)
    ready = Math.max(ready, at + joint.wait)
  }
  return ready
}

/** An order with the water off from its first joint on existing pipe. */
export function arranged({ fixed }: AssemblyQuestion, order: readonly AssemblyJoint[]): Arranged {
  const first = order.findIndex(({ parts }) => parts.some((part) => fixed.has(part)))
  const early = first < 0 ? order.length : first
  return { order, early, waterOff: minutesOf(order.slice(early)) }
}

const mostMoves = 4000

/** Every order in which one joint stands elsewhere among those made with the water off. */
function* moves({ order, early }: Arranged): Generator<AssemblyJoint[]> {
  for (let from = early; from < order.length; from += 1) {
    const left = order.toSpliced(from, 1)
    for (let to = early; to < order.length; to += 1) {
      if (to !== from) yield left.toSpliced(to, 0, order[from]!)
    }
  }
}

/**
 * An order that can be made, with the water off for less: one joint after another is moved, before the water is off or so that waits run
 * while others are made, as long as the order can still be made and gains by it.
 *
 * @param start an order without obstacle
 */
export function* tighten(question: AssemblyQuestion, start: Arranged): Generator<void, Arranged> {
  let best = start
  let left = effort(mostMoves, question)
  for (let gained = true; gained;) {
    gained = false
    for (const moved of moves(best)) {
      if (left-- <= 0) return best
      yield
      const next = arranged(question, moved)
      if (next.waterOff >= best.waterOff || firstObstacle(question, moved)) continue
      best = next
      gained = true
      break
    }
  }
  return best
}
