import { methods } from '../methods'
import type { Figure } from '../quantity/basis'
import type { PartEnd, PartFitting } from './part-key'
import { shippedSockets, type Socket } from './socket'
import { cementedElbows, threadedBodies } from './tables/bodies'
import { reducerLengths, slipLengths, unionLengths, valveLengths, wallElbowLengths } from './tables/part-lengths'
import { takeOffRows } from './tables/take-offs'
import type { ThreadSize } from './thread-size'

type Lengths = typeof valveLengths

const tenths = (mm: number): number => Math.round(mm * 10) / 10

/** What a table gives for a method at this diameter; null where the trade has no such part. */
export function lengthBy({ by, tolerance }: Lengths, method: Socket['method'], diameter: number): Figure | null {
  const line = by[method]
  return line ? { mm: tenths(line[0] * diameter + line[1]), tolerance, basis: 'typical' } : null
}

/** Half of a whole length: what it takes off on either side of its middle. */
export const halfOf = ({ mm, tolerance, basis }: Figure): Figure => ({ mm: mm / 2, tolerance: tolerance / 2, basis })

/**
 * A reducer, converter or mixed coupling, whole: from one pipe's stop to the other's, in mm. Where its ends are of two
 * methods, the mean of what either makes of it.
 *
 * @returns typical; null where a method makes none
 * @example lengthBetween(solder22, solder15)?.mm // 4.1
 * @remarks for instance: soldered 22 to 15: 0.3 × 7 + 2; press 22 to solder 15: the mean of 12.1 and 4.1
 */
export function lengthBetween(one: Socket, other: Socket): Figure | null {
  const step = Math.abs(one.od - other.od)
  const [a, b] = [one, other].map(({ method }) => lengthBy(reducerLengths, method, step))
  return a && b ? { ...a, mm: tenths((a.mm + b.mm) / 2) } : null
}

/** Its rows with the outside diameters of their pipes, smallest first. */
function rowsOf(method: Socket['method'], kind: PartFitting, end: PartEnd) {
  return takeOffRows
    .filter((row) => row[0] === method && row[1] === kind && row[3] === end)
    .flatMap(([, , size, , mm, tolerance]) => {
      const socket = shippedSockets.find((of) => of.method === method && of.size === size)
      return socket ? [{ od: socket.od, mm, tolerance }] : []
    })
    .sort((a, b) => a.od - b.od)
}

/** So much wider is the tolerance of a size that is told by two others. */
const wider = 1.5

/** The take-off of a size that has no row, on the line through the two sizes nearest to it. */
function besideRows(socket: Socket, kind: PartFitting, end: PartEnd): Figure | null {
  const rows = rowsOf(socket.method, kind, end)
  if (rows.length < 2) return null
  const above = rows.findIndex(({ od }) => od >= socket.od)
  const at = Math.min(Math.max(above < 0 ? rows.length - 1 : above, 1), rows.length - 1)
  const [low, high] = [rows[at - 1]!, rows[at]!]
  const mm = low.mm + ((high.mm - low.mm) * (socket.od - low.od)) / (high.od - low.od || 1)
  const tolerance = wider * Math.max(low.tolerance, high.tolerance)
  return { mm: tenths(Math.max(0, mm)), tolerance: tenths(tolerance), basis: 'typical' }
}

/** A 45° body of malleable iron against the 90° one of its size, centre to end; typical. */
const halfTurnBody = 0.74

function threadedTakeOff({ system, size, insertion }: Socket, kind: PartFitting): Figure | null {
  const body = threadedBodies[size as ThreadSize]
  if (!body || !insertion) return null
  const [malleable, class150] = body
  const centreToEnd = system === 'NPT' ? class150 : malleable
  if (kind === 'elbow-45')
    return { mm: tenths(centreToEnd * halfTurnBody - insertion.mm), tolerance: 4, basis: 'typical' }
  const mm = tenths(centreToEnd - insertion.mm)
  return system === 'NPT' ? { mm, tolerance: 2, basis: 'typical' } : { mm, tolerance: 1.5, basis: 'standard' }
}

function cementedTakeOff({ system, size }: Socket, kind: PartFitting): Figure | null {
  const elbow = cementedElbows[system as keyof typeof cementedElbows]?.[size as ThreadSize]
  if (!elbow) return null
  const [square, halfTurn] = elbow
  if (kind === 'elbow-45') return { mm: halfTurn, tolerance: 2, basis: 'typical' }
  // A tee's body is that of the elbow, a little less sure.
  return { mm: square, tolerance: kind === 'tee' ? 3 : 2, basis: 'typical' }
}

const turning: ReadonlySet<PartFitting> = new Set(['elbow-90', 'elbow-45', 'tee'])

/**
 * What a fitting takes off that has no row of its own, by its size and method: good enough to plan, order and mark out
 * with, and its tolerance goes into every piece that rests on it.
 *
 * @param end of a tee; `either` for all others
 * @returns typical, or standard for malleable bodies; null where the method makes no such fitting
 * @example estimatedTakeOff(solder22, 'valve', 'either') // { mm: 24.1, tolerance: 6, basis: 'typical' }
 */
export function estimatedTakeOff(socket: Socket, kind: PartFitting, end: PartEnd): Figure | null {
  const { method, od } = socket
  switch (kind) {
    case 'valve':
      return lengthBy(valveLengths, method, od)
    case 'union':
      return lengthBy(unionLengths, method, od)
    case 'outlet':
      return lengthBy(wallElbowLengths, method, od)
    case 'slip-coupling': {
      const beyond = lengthBy(slipLengths, method, od)
      return beyond && halfOf(beyond)
    }
    case 'reducer':
    case 'adapter': {
      const whole = lengthBetween(socket, socket)
      return whole && halfOf(whole)
    }
    default: {
      if (turning.has(kind) && methods[method].threaded) return threadedTakeOff(socket, kind)
      const cemented = turning.has(kind) ? cementedTakeOff(socket, kind) : null
      return (
        cemented ??
        besideRows(socket, kind, end) ??
        (kind === 'coupling' ? estimatedTakeOff(socket, 'reducer', end) : null)
      )
    }
  }
}
