import type { Ids } from '../ids'
import { axes } from '../../job/kinds'
import type { Direction, Job } from '../../job/job'
import { dot, lengthOf, minus, plus, unitOf, type Vector } from '../../quantity/vector'
import { unitVector } from '../../job/direction'
import { layOut } from '../../run/layout'
import { directionOf } from '../../run/turning'
import { legLimits } from '../../quantity/parse-length'
import { joinLeg } from './join-leg'
import { systemOf } from '../../job/system'

/** What lies so near the line ahead is ahead: mm beside it, or this share of how far away it is. */
const [beside, besideShare] = [50, 0.03]
/** A leg within about a degree and a half of an axis lies along it. */
const alongAxis = Math.cos((1.5 * Math.PI) / 180)

const tenth = (mm: number): number => Math.round(mm * 10) / 10

function nearestDirection(way: Vector): Direction {
  const unit = unitOf(way)
  return axes.find((axis) => dot(unitVector(axis), unit) > alongAxis) ?? directionOf(way)
}

/**
 * The nearest node that lies ahead of another, near enough to the line to be meant by it; null where none does.
 *
 * @remarks for instance: a square of which three sides are drawn: from its last corner, south, its first
 */
export function nodeAhead(job: Job, runId: string, from: string, direction: Direction): string | null {
  const system = systemOf(job, runId)
  const places = system && layOut(system).places
  const here = places?.get(from)
  if (!system || !places || !here) return null
  const unit = unitVector(direction)
  const next = new Set(system.legs.flatMap((leg) => (leg.from === from ? [leg.to] : leg.to === from ? [leg.from] : [])))
  const ahead = system.nodes.flatMap(({ id }) => {
    const place = places.get(id)
    if (!place || id === from || next.has(id)) return []
    const way = minus(place, here)
    const along = dot(way, unit)
    const off = lengthOf(plus(way, unit, -along))
    return along > 0 && off <= Math.max(beside, along * besideShare) ? [{ id, along }] : []
  })
  return ahead.sort((a, b) => a.along - b.along)[0]?.id ?? null
}

/** How a leg is to lead to a node that is there; what is not said follows from where the two stand. */
export interface JoinWish {
  readonly direction?: Direction
  /** As it was measured, in mm: by how much the two then miss each other is the loop's closing error. */
  readonly length?: number
}

/**
 * The job with a leg from one node to another that is there.
 *
 * @returns the job and the leg; or what is in the way, in words
 */
export function joinTo(
  job: Job,
  ids: Ids,
  runId: string,
  { ends, wish = {} }: { readonly ends: { readonly from: string; readonly to: string }; readonly wish?: JoinWish },
): { readonly job: Job; readonly leg: string } | { readonly problem: string } {
  const system = systemOf(job, runId)
  const places = system && layOut(system).places
  const [from, to] = [places?.get(ends.from), places?.get(ends.to)]
  if (!from || !to) return { problem: 'only places that hang together can be joined: draw a leg between them first' }
  const way = minus(to, from)
  if (ends.from === ends.to || lengthOf(way) < 1) return { problem: 'this is where the leg begins: join another place' }
  const direction = wish.direction ?? nearestDirection(way)
  const length = wish.length ?? tenth(dot(way, unitVector(direction)))
  if (!(length > 0)) return { problem: 'that place does not lie this way' }
  if (length > legLimits.max) return { problem: 'that place is farther away than a leg is long' }
  const joined = joinLeg(job, ids, runId, { ends, direction, length })
  return (
    joined ?? { problem: 'no more legs fit there: a tee needs two of its three in line, and none may lie on another' }
  )
}
