import { thousandths } from '../../quantity/thousandths'
import type { Vector } from '../../quantity/vector'
import type { Catalogue } from '../../catalogue/catalogue'
import type { Pipe } from '../../catalogue/pipe'
import { bendRoomProblem } from '../../bend/room'
import { markTube, type BendPlace, type Tube, type TubeBend } from '../../bend/tube'
import type { Leg } from '../../job/job'
import { weakestBasis, type Basis } from '../../quantity/basis'
import type { Message } from '../../quantity/words/message'
import type { PieceEnd } from './end'
import { missing } from './missing'
import { opposite, turnBetweenBends, unitVector } from '../../job/direction'
import { bendAngle, type Layout } from '../../run/layout'
import { isNewLeg } from '../../run/states'
import { drawnLength } from '../../job/system'
import { pipeIdIn } from '../../job/leg-defaults'

/** A pulled bend on a piece, its marks measured along the tube from the piece's first end, in mm. */
export interface PieceBend {
  readonly node: string
  readonly angle: number
  /** Turn of the tube about its own length since the bend before, in degrees, −180 to 180; 0 at the first. */
  readonly turn: number
  /** Centre-line radius in mm. */
  readonly radius: number
  readonly start: number
  readonly middle: number
  readonly end: number
}

/** One length of pipe between two fittings, bends and all. */
export interface Piece {
  readonly pipe: Pipe
  readonly legs: readonly Leg[]
  /** Length to cut, in mm; null where a figure is missing, and never guessed. */
  readonly cut: number | null
  /** Worst case: the tolerances of both take-offs and of every measured leg, added up. */
  readonly tolerance: number | null
  readonly basis: Basis | null
  readonly ends: readonly [PieceEnd, PieceEnd]
  readonly bends: readonly PieceBend[]
  /** The tube as it is bent, between its own ends; null where it is straight or not known. */
  readonly tube: Tube | null
  /** Why there is no cut length; null when there is one. */
  readonly missing: Message | null
}

interface Walk {
  readonly legs: Leg[]
  readonly nodes: string[]
}

const otherEnd = (leg: Leg, node: string): string => (leg.from === node ? leg.to : leg.from)

/** The legs that one tube follows: on through every pulled bend, in both directions from a leg. */
function walkThroughBends(layout: Layout, first: Leg): Walk {
  const walk: Walk = { legs: [first], nodes: [first.from, first.to] }
  // Where more than two legs meet nobody can bend one tube: each ends there, and the check of the legs says so.
  const isBend = (node: string) => layout.node.get(node)?.kind === 'bend' && (layout.arms.get(node)?.length ?? 0) <= 2
  if (!isBend(first.from) && !isBend(first.to)) return walk
  const extend = (atEnd: boolean) => {
    for (;;) {
      const node = atEnd ? walk.nodes.at(-1)! : walk.nodes[0]!
      if (!isBend(node)) return
      const next = (layout.arms.get(node) ?? []).find(({ leg }) => isNewLeg(leg) && !walk.legs.includes(leg))?.leg
      if (!next) return
      if (atEnd) {
        walk.legs.push(next)
        walk.nodes.push(otherEnd(next, node))
      } else {
        walk.legs.unshift(next)
        walk.nodes.unshift(otherEnd(next, node))
      }
    }
  }
  extend(true)
  extend(false)
  return walk
}

/** The direction in which a walk follows one of its legs. */
function directionAlong({ legs, nodes }: Walk, index: number): Vector {
  const leg = legs[index]!
  const vector = unitVector(leg.direction)
  return leg.from === nodes[index] ? vector : opposite(vector)
}

/** The tube that a walk through bends makes, its outer legs less the take-offs; or why it is not known. */
function tubeAlong(layout: Layout, walk: Walk, takeOffs: readonly [number, number]): Tube | Message {
  const bends: TubeBend[] = []
  for (let index = 0; index < walk.legs.length - 1; index += 1) {
    const node = layout.node.get(walk.nodes[index + 1]!)!
    const angle = bendAngle(layout.arms.get(node.id) ?? [])
    if (angle === null) return missing('bend in line')
    if (pipeIdIn(layout.system, walk.legs[index]!) !== pipeIdIn(layout.system, walk.legs[index + 1]!))
      return missing('pipe changes')
    if (node.radius === undefined) return missing('no radius')
    const direction = (leg: number) => directionAlong(walk, leg)
    const turn = index === 0 ? 0 : turnBetweenBends(direction(index - 1), direction(index), direction(index + 1))
    bends.push({ angle, radius: node.radius, turn: thousandths(turn) })
  }
  const legs = walk.legs.map(drawnLength)
  legs[0]! -= takeOffs[0]
  legs[legs.length - 1]! -= takeOffs[1]
  return { legs, bends }
}

const placeOf = (node: string, { angle, turn, radius, start, middle, end }: BendPlace): PieceBend => ({
  node,
  angle,
  turn,
  radius,
  start: thousandths(start),
  middle: thousandths(middle),
  end: thousandths(end),
})

/**
 * The pieces of a run: `cut = centre-to-centre − z1 − z2`, less the gain of every pulled bend between.
 *
 * @returns one piece a leg of new pipe, or a chain of legs joined by bends; its cut is null where a figure is missing
 * @remarks for instance: a 1000 mm leg of 22 copper between two soldered elbows: 1000 − 14.6 − 14.6 = 970.8
 */
export function piecesOf(catalogue: Catalogue, layout: Layout, ends: (node: string, leg: Leg) => PieceEnd): Piece[] {
  const used = new Set<Leg>()
  const pieces: Piece[] = []
  for (const leg of layout.system.legs) {
    if (used.has(leg) || !isNewLeg(leg)) continue
    const walk = walkThroughBends(layout, leg)
    walk.legs.forEach((walked) => used.add(walked))
    const piece = pieceOf(catalogue, layout, walk, ends)
    if (piece) pieces.push(piece)
  }
  return pieces
}

function pieceOf(
  catalogue: Catalogue,
  layout: Layout,
  walk: Walk,
  endAt: (node: string, leg: Leg) => PieceEnd,
): Piece | null {
  const pipe = catalogue.pipe(pipeIdIn(layout.system, walk.legs[0]!))
  if (!pipe) return null
  const first = endAt(walk.nodes[0]!, walk.legs[0]!)
  const last = endAt(walk.nodes.at(-1)!, walk.legs.at(-1)!)
  const ends = [first, last] as const
  const blank = (why: Message | null): Piece => ({
    pipe,
    legs: walk.legs,
    cut: null,
    tolerance: null,
    basis: null,
    ends,
    bends: [],
    tube: null,
    missing: why,
  })
  if (!first.takeOff || !last.takeOff) return blank(first.missing ?? last.missing)
  const tube = tubeAlong(layout, walk, [first.takeOff.mm, last.takeOff.mm])
  if ('rule' in tube) return blank(tube)
  const marked = markTube(tube)
  const noRoom = bendRoomProblem(marked)
  if (noRoom) return blank(noRoom)
  const measuring = walk.legs.reduce((sum, leg) => sum + (leg.tolerance ?? 0), 0)
  return {
    pipe,
    legs: walk.legs,
    ends,
    cut: thousandths(marked.length),
    tolerance: thousandths(first.takeOff.tolerance + last.takeOff.tolerance + measuring),
    basis: weakestBasis([first.takeOff.basis, last.takeOff.basis]),
    bends: marked.bends.map((bend, index) => placeOf(walk.nodes[index + 1]!, bend)),
    tube: tube.bends.length > 0 ? tube : null,
    missing: null,
  }
}
