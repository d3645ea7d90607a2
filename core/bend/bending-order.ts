import { bendingOrderSays } from './bending-order-sayings'
import type { Message } from '../quantity/words/message'
import { markedFromOtherEnd, sweepOf, type BenderStand, type Sweep } from './foul'
import type { MarkedTube } from './tube'

/** Straight pipe that a bender needs, in mm. */
export interface BenderRoom extends BenderStand {
  /** Before the start of the bend, under the hook. */
  readonly grip: number
  /** After the start of the bend, under the shoe. */
  readonly shoe: number
  /** Outside diameter of the tube, for what it hits; without it nothing of that is looked at. */
  readonly od?: number
}

/** One step at the bender. */
export interface BendStep {
  /** Which bend, counted from the tube's first end. */
  readonly bend: number
  /** Which end of the tube goes in first and is held. */
  readonly hold: 'first end' | 'second end'
  /** Straight there is under the hook and the shoe when it is made. */
  readonly grip: number
  readonly shoe: number
  /** By how much the tube reaches below the bending plane while it is pulled. */
  readonly below: number
}

export type BendingOrder =
  | { readonly ok: true; readonly steps: readonly BendStep[]; readonly flips: number }
  | {
      readonly ok: false
      readonly bend: number
      readonly problem: Message
      /** Straight that is wanting under the hook, in mm; null where something else stands in the way. */
      readonly lacks: number | null
    }

const tight = 1e-6

/** Straight to either side of a bend while only these bends are made. */
function straightsAt({ bends, length }: MarkedTube, bend: number, made: ReadonlySet<number>): [number, number] {
  // Bends stand in order along the tube: what bounds the straight is the nearest that is made, on either side.
  const before = bends.findLast((_, index) => index < bend && made.has(index))
  const after = bends.find((_, index) => index > bend && made.has(index))
  const { start, end } = bends[bend]!
  return [start - (before?.end ?? 0), (after?.start ?? length) - end]
}

type Sweeps = (bend: number, hold: BendStep['hold'], made: ReadonlySet<number>) => Sweep

/** What happens at each pull, each looked at once. */
function sweeps(tube: MarkedTube, { od, below, turns }: BenderRoom): Sweeps {
  const known = new Map<string, Sweep>()
  return (bend, hold, made) => {
    if (od === undefined) return { below: 0, foul: null }
    const key = `${bend} ${hold} ${[...made].sort().join()}`
    const found = known.get(key) ?? sweepOf(tube, od, { made, bend, hold }, { below, turns })
    known.set(key, found)
    return found
  }
}

/** The ways to make one bend now: from either end, where hook and shoe find their straight and the tube hits nothing. */
function waysAt(
  tube: MarkedTube,
  room: BenderRoom,
  { bend, made, sweep }: { readonly bend: number; readonly made: ReadonlySet<number>; readonly sweep: Sweeps },
): BendStep[] {
  const { start, end } = tube.bends[bend]!
  const arc = end - start
  const [before, after] = straightsAt(tube, bend, made)
  const fits = (grip: number, shoe: number) => grip + tight >= room.grip && shoe + tight >= room.shoe
  // The shoe lies on the pipe that the bend takes and on what comes after it.
  return [
    { bend, hold: 'first end' as const, grip: before, shoe: arc + after },
    { bend, hold: 'second end' as const, grip: after, shoe: arc + before },
  ].flatMap((step): BendStep[] => {
    if (!fits(step.grip, step.shoe)) return []
    const { below, foul } = sweep(bend, step.hold, made)
    return foul ? [] : [{ ...step, below }]
  })
}

const mostBends = 9

/**
 * An order in which every bend can be made: each finds the straight that hook and shoe need between the bends already
 * made and the ends, and hits neither itself nor the former nor what is under the bender. Of all orders the one that
 * turns the tube end for end least often, and goes along it.
 *
 * @param tube of at most 9 bends
 * @returns the steps; or the bend that finds no room even first, or in any order, with what it lacks
 */
export function bendingOrder(tube: MarkedTube, room: BenderRoom): BendingOrder {
  const count = tube.bends.length
  if (count > mostBends)
    return { ok: false, bend: mostBends, lacks: null, problem: bendingOrderSays('many', { most: mostBends }) }
  const sweep = sweeps(tube, room)
  for (let bend = 0; bend < count; bend += 1) {
    if (waysAt(tube, room, { bend, made: new Set(), sweep }).length > 0) continue
    const [before, after] = straightsAt(tube, bend, new Set())
    const lacks = room.grip - Math.max(before, after)
    return {
      ok: false,
      bend,
      lacks: lacks > 0 ? lacks : null,
      problem: lacks > 0 ? bendingOrderSays('no grip', { lacks }) : bendingOrderSays('no shoe'),
    }
  }
  let best: { steps: BendStep[]; cost: number } | null = null
  const search = (steps: BendStep[], made: Set<number>, cost: number) => {
    if (best && cost >= best.cost) return
    if (steps.length === count) {
      best = { steps: [...steps], cost }
      return
    }
    const last = steps.at(-1)
    for (let bend = 0; bend < count; bend += 1) {
      if (made.has(bend)) continue
      for (const step of waysAt(tube, room, { bend, made, sweep })) {
        // Turning the tube end for end costs most; leaping over bends a little.
        const flip = last && last.hold !== step.hold ? 100 : 0
        const leap = Math.abs(bend - (last?.bend ?? (step.hold === 'first end' ? 0 : count - 1)))
        made.add(bend)
        search([...steps, step], made, cost + flip + leap + (step.hold === 'first end' ? 0 : 0.5))
        made.delete(bend)
      }
    }
  }
  search([], new Set(), 0)
  const found = best as { steps: BendStep[]; cost: number } | null
  if (found) return { ok: true, steps: found.steps, flips: Math.floor(found.cost / 100) }
  return {
    ok: false,
    bend: 0,
    lacks: null,
    problem: whyNone(tube, room),
  }
}

/** Why no order is left though each bend alone finds room; each search leaves out one thing that may stand in the way. */
function whyNone(tube: MarkedTube, room: BenderRoom): Message {
  const isFree = (without: Partial<BenderRoom>) => bendingOrder(tube, { ...room, ...without }).ok
  if (room.od === undefined || !isFree({ od: undefined })) return bendingOrderSays('fouls another')
  return room.below !== undefined && isFree({ below: undefined })
    ? bendingOrderSays('below')
    : bendingOrderSays('itself')
}

/** By how much longer the tube must be at each end so that its outer bends can be gripped; cut off afterwards. */
export function trimForGrip(tube: MarkedTube, room: BenderRoom): { readonly first: number; readonly last: number } {
  if (tube.bends.length === 0 || bendingOrder(tube, room).ok) return { first: 0, last: 0 }
  const short = (straight: number) => Math.max(0, room.grip - straight)
  const [first, last] = [short(tube.straights[0]!), short(tube.straights.at(-1)!)]
  const longerLast = (of: MarkedTube, by: number): MarkedTube => ({ ...of, length: of.length + by })
  const longerFirst = (by: number): MarkedTube => markedFromOtherEnd(longerLast(markedFromOtherEnd(tube), by))
  // One end is enough where the other can be held.
  if (last > 0 && bendingOrder(longerLast(tube, last), room).ok) return { first: 0, last }
  if (first > 0 && bendingOrder(longerFirst(first), room).ok) return { first, last: 0 }
  return { first, last }
}
