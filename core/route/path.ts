import type { Vector } from '../quantity/vector'
import type { Leg, Run } from '../job/job'
import { opposite, unitVector } from './direction'

/** The legs on the way from one node to another, each with the direction in which it is walked; none where no way leads. */
export function pathBetween(run: Run, from: string, to: string): { leg: Leg; along: Vector }[] {
  const back = new Map<string, { leg: Leg; node: string; along: Vector }>()
  const open = [from]
  const seen = new Set(open)
  for (let at = open.shift(); at !== undefined; at = open.shift()) {
    for (const leg of run.legs) {
      const node = leg.from === at ? leg.to : leg.to === at ? leg.from : null
      if (node === null || seen.has(node)) continue
      seen.add(node)
      const along = unitVector(leg.direction)
      back.set(node, { leg, node: at, along: leg.from === at ? along : opposite(along) })
      open.push(node)
    }
  }
  const way: { leg: Leg; along: Vector }[] = []
  for (let at = to; at !== from;) {
    const step = back.get(at)
    if (!step) return []
    way.unshift({ leg: step.leg, along: step.along })
    at = step.node
  }
  return way
}
