import { materialOf } from '../materials'
import { methods } from '../methods'
import type { FittingEnd } from './fitting'
import type { MethodId } from '../methods/ids'
import type { Pipe } from './pipe'
import type { Socket } from './socket'

/** A socket's own share of the play, in mm: half the 0.20 mm that a capillary gap may be at its widest. */
const socketTolerance = 0.1

/** Repair couplings close on rubber, and take both steel series of a size. */
const repairTolerance = 0.5

const oldBoreFits: Readonly<Record<string, number>> = { '1/2': 15, '1': 28 }
const oldBoreFamilyMethods: Readonly<Record<string, readonly string[]>> = {
  '1/2': ['solder', 'compression', 'push-fit', 'press-metal'],
  '1': ['solder', 'compression'],
}
const threadSystemOf: Readonly<Record<string, string>> = { 'ASTM A53': 'NPT', 'EN 10255': 'ISO 7-1 (BSPT)' }

/** What a cemented system is cemented with: CPVC of schedule sizes is as wide as PVC, and no joint of the two holds. */
const cementOf: Readonly<Record<string, string>> = {
  'PVC, ASTM D2466': 'PVC cement',
  'CPVC, ASTM D2846': 'CPVC cement',
}

/** Old-bore pipe that a metric socket takes all the same: 1/2 in 15, and 1 in 28 soldered or by compression. */
export function takesOldBore(pipe: Pipe, socket: Socket): boolean {
  return (
    pipe.family === 'old-bore' &&
    socket.family === 'metric' &&
    oldBoreFits[pipe.nominal] === socket.od &&
    oldBoreFamilyMethods[pipe.nominal]!.includes(socket.method)
  )
}

/**
 * Whether a pipe goes into a socket by size: the outside diameters agree within both tolerances and
 * both are of one family, whatever the nominal names say. A metric pipe never fits an inch socket.
 * A threaded end takes only pipe that is itself threaded in that system.
 */
export function fitsBySize(pipe: Pipe, socket: Socket): boolean {
  if (methods[socket.method].threaded) {
    return threadSystemOf[pipe.standard] === socket.system && pipe.nominal === socket.size
  }
  if (takesOldBore(pipe, socket)) return true
  const { cement, isFlexible } = materialOf(pipe)
  if (socket.system.startsWith('insert set') && !isFlexible) return false
  if (cement && cementOf[socket.system] && cementOf[socket.system] !== cement) return false
  const tolerance = pipe.odTolerance + (socket.system === 'repair coupling' ? repairTolerance : socketTolerance)
  return pipe.family === socket.family && Math.abs(pipe.od - socket.od) <= tolerance
}

/** Whether a pipe goes into an end of a fitting by a method: by size, into a socket of it. */
export const endTakes = (end: FittingEnd, pipe: Pipe, method: MethodId): boolean =>
  end.type === 'socket' && end.socket.method === method && fitsBySize(pipe, end.socket)
