import type { Vector } from '../quantity/vector'
import type { Leg } from '../job/job'
import { opposite, unitVector } from '../job/direction'
import type { Layout } from './layout'
import { walk, type Step } from './walk'

/** A leg as it is walked along: to which node, and in which direction. */
export interface Stretch {
  readonly leg: Leg
  readonly to: string
  readonly along: Vector
}

/** The legs on the way from one node to another by which the nodes are placed: over no leg that closes a loop; none where no way leads. */
export function pathBetween({ arms, closingLegs }: Layout, from: string, to: string): Stretch[] {
  const steps = new Map<string, Step>()
  for (const step of walk(arms, from, (leg) => !closingLegs.has(leg))) {
    steps.set(step.node, step)
    if (step.node === to) break
  }
  const path: Stretch[] = []
  for (let step = steps.get(to); step?.leg && step.from !== null; step = steps.get(step.from)) {
    const along = unitVector(step.leg.direction)
    path.push({ leg: step.leg, to: step.node, along: step.leg.from === step.from ? along : opposite(along) })
  }
  return path.reverse()
}
