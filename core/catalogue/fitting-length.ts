import { methods } from '../methods'
import { thousandths } from '../quantity/thousandths'
import type { Catalogue } from './catalogue'
import { halfOf, lengthBetween, lengthBy } from './part-length'
import type { PartEnd, PartFitting } from './part-key'
import { reducingTakeOff } from './reducing-body'
import { depthOf } from './socket'
import { streetElbows, threadedBodies } from './tables/bodies'
import {
  angleStopLengths,
  femaleAdapterLengths,
  maleAdapterLengths,
  reducerLengths,
  swivelLengths,
  wallElbowLengths,
  wallElbowThread,
} from './tables/part-lengths'
import { threadDiameter, type ThreadSize } from './thread-size'
import { weakestBasis, type Figure } from '../quantity/basis'
import { isInLine, type Fitting, type FittingEnd, type FittingKind, type ThreadEnd } from './fitting'

const none: Figure = { mm: 0, tolerance: 0, basis: 'standard' }
const typical = (mm: number, tolerance: number): Figure => ({
  mm: Math.round(mm * 10) / 10,
  tolerance,
  basis: 'typical',
})

/** Two figures after each other, as sure as the less sure of them. */
export const sumOf = (one: Figure, other: Figure): Figure => ({
  mm: thousandths(one.mm + other.mm),
  tolerance: thousandths(one.tolerance + other.tolerance),
  basis: weakestBasis([one.basis, other.basis]),
})

/** Fittings that the table of take-offs has under another name. */
const tabled: Readonly<Partial<Record<FittingKind, PartFitting>>> = {
  coupling: 'coupling',
  'slip coupling': 'slip-coupling',
  union: 'union',
  valve: 'valve',
  'elbow 90': 'elbow-90',
  'elbow 45': 'elbow-45',
  'street elbow 90': 'elbow-90',
  'street elbow 45': 'elbow-45',
  tee: 'tee',
}

/** What a spigot has beyond the depth that it goes in, in mm; typical. */
const spigotNeck = typical(2, 2)
/** The metal between the two ends of a bushing or of a thread adapter, in mm; typical. */
const flushWall = typical(4, 4)

/** The copper leg of a stub-out, which is cut to what is wanted in front of the wall, in mm; typical. */
const stubLeg = typical(200, 50)

/** How far a male stands in its female, wrench-tight, in mm. */
export const takeUpOf = ({ size }: ThreadEnd): Figure => typical(threadedBodies[size as ThreadSize][2], 2)

/** Where a tee or elbow is turned to from a socket end: its own diameter, or that of the pipe that its thread is cut on. */
const diameterOf = (end: FittingEnd): number => (end.type === 'thread' ? threadDiameter(end.size) : end.socket.od)

const endOf = (kind: FittingKind, index: number): PartEnd =>
  kind !== 'tee' ? 'either' : index === 2 ? 'branch' : 'run'

/** The thread of a malleable elbow or tee: its end from the axis by the standard, less the take-up. */
function malleableArm(end: ThreadEnd): Figure {
  const [malleable, class150] = (end.sex === 'M' ? streetElbows : threadedBodies)[end.size as ThreadSize]
  return typical((end.system === 'NPT' ? class150 : malleable) - takeUpOf(end).mm, end.sex === 'M' ? 3 : 2)
}

/** The thread of an elbow or tee that takes pipe on its other ends: its mouth from the axis, less the take-up. */
function threadedArm(end: ThreadEnd): Figure {
  return typical(
    wallElbowThread.at[0] * diameterOf(end) + wallElbowThread.at[1] - takeUpOf(end).mm,
    wallElbowThread.tolerance,
  )
}

/** From the middle of an adapter to the reference of either end; its whole length is the table's, by the end that takes pipe. */
function adapterHalf({ ends, kind }: Fitting): Figure | null {
  const pipeEnd = ends.find((end): end is Exclude<FittingEnd, ThreadEnd> => end.type !== 'thread')
  const thread = ends.find((end) => end.type === 'thread')
  if (!thread) {
    const [one, other] = ends as readonly Exclude<FittingEnd, ThreadEnd>[]
    const whole = lengthBetween(one!.socket, other!.socket)
    return whole && halfOf(whole)
  }
  if (!pipeEnd) return halfOf(flushWall)
  if (methods[pipeEnd.socket.method].threaded) {
    const step = Math.abs(pipeEnd.socket.od - diameterOf(thread))
    const whole = lengthBy(reducerLengths, 'thread', step)
    return whole && halfOf(whole)
  }
  const table =
    kind === 'swivel connector' ? swivelLengths : thread.sex === 'M' ? maleAdapterLengths : femaleAdapterLengths
  const whole = lengthBy(table, pipeEnd.socket.method, pipeEnd.socket.od)
  return whole && halfOf(whole)
}

function turningArm(catalogue: Catalogue, { kind, ends }: Fitting, index: number): Figure | null {
  const end = ends[index]!
  const sockets = ends.flatMap((of) => (of.type === 'thread' ? [] : [of.socket]))
  const isMalleable = sockets.some(({ method }) => methods[method].threaded)
  if (end.type === 'thread') {
    // The other arm of a 45° body is the same as the one that takes pipe.
    if (isMalleable && kind === 'elbow 45') return catalogue.takeOff(sockets[0]!, 'elbow-45', 'either')
    return isMalleable ? malleableArm(end) : threadedArm(end)
  }
  const part = tabled[kind]!
  const arm = reducingTakeOff(catalogue, end.socket, { all: sockets, kind: part, end: endOf(kind, index) })
  if (!arm) return null
  return end.type === 'spigot' ? sumOf(sumOf(arm, spigotNeck), typical(depthOf(end.socket), 0)) : arm
}

/** From the end of a part to its reference there, in mm: the depth that pipe goes in, or what a thread takes up. */
const withinEnd = (end: FittingEnd): Figure | null => (end.type === 'thread' ? takeUpOf(end) : end.socket.insertion)

/** From its middle to where the pipe stops, or to the mouth of what is screwed on, by its length from end to end; null where what goes in is longer. */
function partInLineHalf({ described }: Fitting, end: FittingEnd): Figure | null {
  if (!described?.whole) return null
  const [half, within] = [halfOf(described.whole), withinEnd(end)]
  if (!within || half.mm < within.mm) return null
  return sumOf(half, { ...within, mm: -within.mm })
}

/** What was measured of this fitting itself, at one of its ends; what is in line is measured whole. */
function ownLength(catalogue: Catalogue, fitting: Fitting, index: number): Figure | null {
  // Parts in line of one pair of ends are of any length: each by what was said of it.
  const own = fitting.kind === 'part in line' ? null : catalogue.ownFitting(fitting.id, endOf(fitting.kind, index))
  if (!own) return null
  if (isInLine(fitting)) return halfOf(own)
  return fitting.ends[index]!.type === 'socket' ? own : null
}

/**
 * How far the reference of one end stands from a fitting's own: the crossing of its axes, or its middle where it is
 * straight. The reference of an end is where the pipe stops in a socket, the tip of a spigot, the mouth of the female
 * that a male thread stands in, the end of the male in a female thread.
 *
 * @param index of the end
 * @returns typical, or as sure as its take-off is; null where the catalogue offers no such fitting
 * @remarks for instance: a 22 × 1/2 M soldered adapter, 0.25 × 22 + 7 = 12.5 in all: 6.25 at either end
 */
export function endLength(catalogue: Catalogue, fitting: Fitting, index: number): Figure | null {
  const own = ownLength(catalogue, fitting, index)
  if (own) return own
  const { kind, ends } = fitting
  const end = ends[index]!
  switch (kind) {
    case 'part in line':
      return partInLineHalf(fitting, end)
    case 'cap':
    case 'plug':
      return none
    case 'stub-out':
      return end.type === 'socket' ? catalogue.takeOff(end.socket, 'elbow-90', 'either') : stubLeg
    // A close nipple: the two mouths almost meet.
    case 'nipple':
    case 'bushing':
    case 'thread adapter':
      return halfOf(flushWall)
    case 'drop-ear elbow':
      return end.type === 'thread' ? threadedArm(end) : lengthBy(wallElbowLengths, end.socket.method, end.socket.od)
    case 'angle stop':
    case 'radiator valve':
      return end.type === 'thread' ? threadedArm(end) : lengthBy(angleStopLengths, end.socket.method, end.socket.od)
    case 'fitting reducer': {
      const whole = adapterHalf(fitting)
      return end.type === 'spigot' && whole ? sumOf(whole, typical(depthOf(end.socket), 0)) : whole
    }
    case 'elbow 90':
    case 'elbow 45':
    case 'street elbow 90':
    case 'street elbow 45':
    case 'tee':
      return turningArm(catalogue, fitting, index)
    case 'dielectric union':
    case 'reducer':
    case 'converter':
    case 'adapter':
    case 'swivel connector':
      return adapterHalf(fitting)
    default:
      if (ends.some(({ type }) => type === 'thread') || end.type === 'thread') return adapterHalf(fitting)
      return catalogue.takeOff(end.socket, tabled[kind]!, 'either')
  }
}

/**
 * What a hand measures of a fitting, as it is reckoned with: from stop to stop where it is in line, else from its centre to
 * the stop of an end that takes pipe.
 *
 * @param end `run` or `branch` of a tee; `either` of all else
 * @remarks for instance: a 22 × 1/2 M soldered adapter: 12.5; a 22 drop-ear elbow: from its centre to where the pipe stops
 */
export function handLength(catalogue: Catalogue, fitting: Fitting, end: PartEnd): Figure | null {
  if (!isInLine(fitting)) return endLength(catalogue, fitting, end === 'branch' ? 2 : 0)
  const [one, other] = [0, 1].map((index) => endLength(catalogue, fitting, index))
  return one && other ? sumOf(one, other) : null
}
