import { joinLongSays } from './join-long-sayings'
import { methods } from '../../methods'
import type { Ids } from '../ids'
import type { Catalogue } from '../../catalogue/catalogue'
import { splitLeg } from '../legs/edit-leg'
import type { Job, Leg } from '../../job/job'
import { profileWith, type Profile } from '../../workshop/profile'
import { radians } from '../../quantity/angle'
import type { Message } from '../../quantity/words/message'
import { asBuilt } from '../../pipework/as-built'
import { dot, minus } from '../../quantity/vector'
import { unitVector } from '../../job/direction'
import { layOut } from '../../run/layout'
import { methodAt } from '../../run/method-at'
import { fixingsWithin } from '../../support/fixings'
import type { PlanPiece } from '../../pipework/planned'
import type { Plan } from '../../plan/types'
import { systemOf, drawnLength } from '../../job/system'

/** A coupling that is to be put into a leg, and what of the piece then lies before it. */
interface CouplingPlace {
  readonly leg: string
  /** mm from the leg's first node. */
  readonly at: number
}

/** A straight of a piece: from where to where along the tube, and where on its leg that begins. */
interface Straight {
  readonly leg: Leg
  readonly start: number
  readonly end: number
  /** mm along the leg, as the piece runs, at the straight's start. */
  readonly legStart: number
  readonly isReversed: boolean
}

function straightsOf(piece: PlanPiece, legs: readonly Leg[]): Straight[] {
  const nodes = piece.bends.map(({ node }) => node)
  return legs.map((leg, index): Straight => {
    const [before, after] = [piece.bends[index - 1], piece.bends[index]]
    const start = before?.end ?? 0
    const setBack = before ? before.radius * Math.tan(radians(before.angle) / 2) : (piece.ends[0].takeOff ?? 0)
    const first = nodes[index - 1] ?? piece.ends[0].node
    return { leg, start, end: after?.start ?? piece.cut ?? 0, legStart: setBack, isReversed: leg.from !== first }
  })
}

/** A coupling as far as it takes room: from its centre to where the pipe stops, and to its mouth. */
interface Coupling {
  readonly takeOff: number
  readonly half: number
}

/**
 * Where a coupling may stand for what the leg is fixed to: no joint under a clip, none in a joist's hole.
 *
 * @param at mm from the leg's first node
 * @param back towards which of its nodes the coupling may move: -1 the first, 1 the last
 */
function nearestFree(leg: Leg, at: number, room: number, back: -1 | 1): number | null {
  if (!leg.fixings) return at
  const joist = fixingsWithin(leg.fixings, at - room, at + room).at(back === -1 ? 0 : -1)
  if (joist === undefined) return at
  const moved = joist + back * room
  return fixingsWithin(leg.fixings, moved - room + 1, moved + room - 1).length === 0 ? moved : null
}

/**
 * Where the first coupling of a piece that is longer than its stock goes: a whole stock length from its first end, or as
 * much less as keeps the coupling on a straight, clear of bends and of what the leg is fixed to, and leaves enough for
 * both joints of what is left.
 */
function couplingPlace(
  piece: PlanPiece,
  { takeOff, half }: Coupling,
  { legs, stock, clear }: { readonly legs: readonly Leg[]; readonly stock: number; readonly clear: number },
): CouplingPlace | null {
  const whole = piece.cut ?? 0
  // Both ends of what is left go into something; the coupling's own mouth stands clear of the next fitting.
  const leastLeft = 2 * (half - takeOff) + clear
  const straights = straightsOf(piece, legs)
  for (const { leg, start, end, legStart, isReversed } of straights.toReversed()) {
    const isLast = leg === legs.at(-1)
    const least = start + (start === 0 ? leastLeft : half - takeOff + clear)
    const most = Math.min(stock, isLast ? whole - 2 * takeOff - leastLeft : end - half - takeOff - clear)
    if (most < least) continue
    const centre = legStart + (most - start) + takeOff
    const room = half + clear
    const free = nearestFree(leg, isReversed ? drawnLength(leg) - centre : centre, room, isReversed ? 1 : -1)
    if (free === null) continue
    const fromStart = isReversed ? drawnLength(leg) - free : free
    if (fromStart - takeOff - legStart + start < least) continue
    // To the half, downwards, so that the piece before it still fits its stock length.
    const along = Math.floor(fromStart * 2) / 2
    return { leg: leg.id, at: isReversed ? drawnLength(leg) - along : along }
  }
  return null
}

const mostCouplings = 200

function couplingOf(catalogue: Catalogue, job: Job, piece: PlanPiece): Coupling | null {
  const system = systemOf(job, piece.run)!
  const pipe = catalogue.pipe(piece.pipe)!
  const socket = catalogue.socketFor(methodAt(system, { id: '', run: piece.run, kind: 'coupling' }), pipe)
  const takeOff = socket && catalogue.takeOff(socket, 'coupling', 'either')
  return takeOff && socket.insertion ? { takeOff: takeOff.mm, half: takeOff.mm + socket.insertion.mm } : null
}

const clearOf = (profile: Profile, job: Job, piece: PlanPiece): number => {
  const run = job.runs.find(({ id }) => id === piece.run)
  return run && methods[run.method].hot ? profile.clipFromSolder : profile.clipFromJoint
}

/** By how much later along its line a leg begins as its fittings make it than it was drawn, in mm: past short pieces. */
function beginsLater(drawn: Job, built: Job, run: string, id: string): number {
  if (drawn === built) return 0
  const [before, now] = [drawn, built].map((job) => {
    const { leg, places } = layOut(systemOf(job, run)!)
    const { from, direction } = leg.get(id)!
    return { place: places.get(from), direction }
  })
  return before!.place && now!.place ? dot(minus(now!.place, before!.place), unitVector(before!.direction)) : 0
}

export interface JoinedLong {
  readonly job: Job
  /** How many couplings were put in. */
  readonly couplings: number
  /** Pieces for which no place was found, and why. */
  readonly problems: readonly { readonly piece: string; readonly why: Message }[]
}

/**
 * The job with couplings in every piece that is longer than its stock: whole stock lengths from the piece's first end,
 * each coupling clear of bends, clips and joists.
 *
 * @param replan the plan of a job, asked for after each round of couplings
 * @remarks for instance: 22 copper over 7000 between two elbows, stock of 3000: couplings at 3015 and 6016.5, the rest 968.1
 */
export function joinLong(
  catalogue: Catalogue,
  job: Job,
  ids: Ids,
  { plan, replan }: { readonly plan: Plan; readonly replan: (job: Job) => Plan },
): JoinedLong {
  const profile = profileWith(job.profile, job.own?.changes)
  const problems = new Map<string, Message>()
  let [now, current, couplings] = [job, plan, 0]
  while (couplings < mostCouplings) {
    const built = asBuilt(catalogue, now)
    const wanting = current.stock
      .flatMap(({ tooLong, length }) => tooLong.map(({ id }) => ({ id, length })))
      .filter(({ id }) => !problems.has(legsKey(current, id)))
      .slice(0, mostCouplings - couplings)
    if (wanting.length === 0) break
    // One piece's coupling moves no other piece: each gets its next one before all is planned anew.
    for (const { id, length } of wanting) {
      const piece = current.pieces.find((of) => of.id === id)!
      const system = systemOf(built, piece.run)!
      const legs = piece.legs.map((of) => system.legs.find((leg) => leg.id === of)!)
      const coupling = couplingOf(catalogue, built, piece)
      const place =
        coupling && couplingPlace(piece, coupling, { legs, stock: length, clear: clearOf(profile, built, piece) })
      if (!place) {
        problems.set(legsKey(current, id), joinLongSays(coupling ? 'no room' : 'not known'))
        continue
      }
      const at = place.at + beginsLater(now, built, piece.run, place.leg)
      now = splitLeg(now, ids, piece.run, { legId: place.leg, at, kind: 'coupling' }).job
      couplings += 1
    }
    current = replan(now)
  }
  return {
    job: now,
    couplings,
    problems: current.stock.flatMap(({ tooLong }) =>
      tooLong.map(({ id }) => ({ piece: id, why: problems.get(legsKey(current, id)) ?? joinLongSays('many') })),
    ),
  }
}

/** A piece by its legs: its number shifts as others are split. */
const legsKey = (plan: Plan, piece: string): string =>
  plan.pieces.find(({ id }) => id === piece)?.legs.join(' ') ?? piece
