import type { Catalogue } from '../../catalogue/catalogue'
import { chainLength, fittingNamed } from '../../catalogue/chain-length'
import { fitsBySize } from '../../catalogue/fit'
import {
  isInLine,
  matingKey,
  meetingOfEnds,
  ownKey,
  sealsOnWasher,
  type Fitting,
  type FittingEnd,
  type Meeting,
} from '../../catalogue/fitting'
import { endLength, sumOf, takeUpOf } from '../../catalogue/fitting-length'
import { shippedTransitions } from '../../catalogue/fittings'
import { asMet } from '../../catalogue/fittings/threaded'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import type { Socket } from '../../catalogue/socket'
import type { Arms } from '../../job/job'
import type { Figure } from '../../quantity/basis'

/** The fittings between one end of a fitting and a leg's pipe, outwards. */
export type ArmChain = Arms[string]

/** The fittings of an arm as they stand one in another. */
export interface ArmFittings {
  readonly fittings: readonly Fitting[]
  /** One for each fitting: with the fitting, then with the one before. */
  readonly meetings: readonly Meeting[]
  /** Which end of each fitting looks to the fitting. */
  readonly inwards: readonly number[]
  /** The outer end of the last. */
  readonly last: FittingEnd
}
/** An arm as it goes together, with what takes the pipe at its last fitting. */
export interface FittedArm extends ArmFittings {
  readonly socket: Socket
}

/**
 * The fittings of an arm at one end of a fitting, outwards.
 *
 * @param index of the fitting's end
 * @returns null where one of them is not known, or does not go with the one before it
 */
export function armFittings(named: Fitting, index: number, ids: readonly string[]): ArmFittings | null {
  const fittings = ids.map(fittingNamed)
  if (!fittings.every((fitting) => fitting !== undefined)) return null
  const meetings: Meeting[] = []
  const inwards: number[] = []
  let last = named.ends[index]!
  for (const { ends } of fittings) {
    const met = ends.findIndex((end) => meetingOfEnds(asMet(last), asMet(end)) !== null)
    if (met < 0 || ends.length !== 2) return null
    meetings.push(meetingOfEnds(asMet(last), asMet(ends[met]!))!)
    inwards.push(met)
    last = ends[1 - met]!
  }
  return { fittings, meetings, inwards, last }
}

/**
 * An arm at one end of a fitting, as it goes together.
 *
 * @param index of the fitting's end
 * @returns null where one of its fittings is not known or does not go with the one before it, or its last takes no such pipe
 * @remarks for instance: a tee's 1/2 F branch, a 1/2 M × 16 press adapter, 16 multilayer: one thread, a socket for 16
 */
export function fittedArm(named: Fitting, index: number, { fittings, method }: ArmChain, pipe: Pipe): FittedArm | null {
  const arm = armFittings(named, index, fittings)
  if (arm?.last.type !== 'socket') return null
  const { socket } = arm.last
  return socket.method === method && fitsBySize(pipe, socket) ? { ...arm, socket } : null
}

/** How far from its fitting's centre a fitting of an arm begins and ends, in mm; null beyond what is known. */
export type ArmStretch = readonly [Figure | null, Figure | null]

/**
 * Where each fitting of an arm lies along it: from the fitting's own end, by what a thread takes up and its own length.
 *
 * @param index of the fitting's end
 * @remarks for instance: a thread's mouth at 20, 13 taken up, an adapter of 12.5: from 33 to 45.5
 */
export function armStretches(
  catalogue: Catalogue,
  named: Fitting,
  index: number,
  { fittings, meetings }: ArmFittings,
): ArmStretch[] {
  let reached = endLength(catalogue, named, index)
  return fittings.map((fitting, at) => {
    const meeting = meetings[at]!
    const start = reached && meeting.kind === 'thread' ? sumOf(reached, takeUpOf(meeting.male)) : reached
    const whole = chainLength(catalogue, [fitting])
    reached = start && whole && sumOf(start, whole)
    return [start, reached] as const
  })
}

let byEnd: Map<string, Fitting[]> | undefined

/** Fittings in line of two ends by what each of the ends is: made once, when first asked for. */
function inLineByEnd(): ReadonlyMap<string, readonly Fitting[]> {
  if (byEnd) return byEnd
  byEnd = new Map()
  for (const fitting of shippedTransitions()) {
    if (!isInLine(fitting)) continue
    for (const key of new Set(fitting.ends.map(ownKey))) byEnd.set(key, [...(byEnd.get(key) ?? []), fitting])
  }
  return byEnd
}

/** A tail on a washer takes a nut with one, and one that seals on its thread takes none. */
function sealsAlike(end: FittingEnd, meeting: Meeting): boolean {
  if (end.type !== 'thread' || end.sex !== 'M' || meeting.kind !== 'thread') return true
  return sealsOnWasher(meeting) === (end.form === 'parallel')
}

const takes = (end: FittingEnd, pipe: Pipe): boolean => end.type === 'socket' && fitsBySize(pipe, end.socket)

/**
 * The arms of one fitting by which an end of a fitting takes a pipe that does not go into it itself; those of a method first.
 *
 * @remarks for instance: a 22 × 22 × 1/2 F tee and 16 multilayer: the 1/2 M × 16 press adapter, the compression one
 */
export function armsOf(named: Fitting, index: number, pipe: Pipe, first: MethodId): ArmChain[] {
  const candidates = inLineByEnd().get(matingKey(asMet(named.ends[index]!))) ?? []
  const arms = candidates
    .filter(({ ends }) => ends.some((end) => takes(end, pipe)))
    .flatMap(({ id, ends }): ArmChain[] => {
      const end = ends.find((of) => takes(of, pipe))
      const arm = end?.type === 'socket' ? { fittings: [id], method: end.socket.method } : null
      const fitted = arm && fittedArm(named, index, arm, pipe)
      return fitted && sealsAlike(named.ends[index]!, fitted.meetings[0]!) ? [arm] : []
    })
  return arms.toSorted((a, b) => Number(b.method === first) - Number(a.method === first))
}

/** The arms of one fitting by which an end of a fitting meets an end of another fitting: a nipple between two threads. */
export function armsTo(named: Fitting, index: number, facing: FittingEnd): ArmChain[] {
  const candidates = inLineByEnd().get(matingKey(asMet(named.ends[index]!))) ?? []
  return candidates.flatMap(({ id }): ArmChain[] => {
    const last = armFittings(named, index, [id])?.last
    const meeting = last && meetingOfEnds(asMet(last), asMet(facing))
    if (!meeting) return []
    return [{ fittings: [id], method: meeting.kind === 'thread' ? 'thread' : meeting.socket.method }]
  })
}
