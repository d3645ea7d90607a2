import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import type { Socket } from '../socket'
import type { Fitting, FittingEnd } from '../fitting'
import {
  angleStopSizes,
  betweenSystemsSizes,
  mixedSizes,
  reducingSizes,
  threadedAdapterSizes,
  wholeRunTees,
} from '../tables/made'

const pairs = (table: Readonly<Record<string, string>>): ReadonlyMap<string, ReadonlySet<string>> =>
  new Map(Object.entries(table).map(([of, sizes]) => [of, new Set(sizes.split(', '))]))

const reducing = pairs(reducingSizes)
const mixed = pairs(mixedSizes)
const threaded = pairs(threadedAdapterSizes)

const systemKey = ({ method, system }: Socket): string => `${method}:${system}`

/** Whether a coupling is made from a size to a smaller one of the same system. */
export const isReduced = (larger: Socket, smaller: Socket): boolean =>
  larger.system === smaller.system &&
  (reducing.get(systemKey(larger))?.has(`${larger.size} × ${smaller.size}`) ?? false)

/** Old three-quarter bore stands in a 22 body with its own olive. */
const sizeInBody = ({ system, size }: Socket): string => (system === 'old-size olive' ? '22' : size)

function isMixed(one: Socket, other: Socket): boolean {
  const has = (a: Socket, b: Socket) =>
    mixed.get(`${a.method} + ${b.method}`)?.has(`${sizeInBody(a)} × ${sizeInBody(b)}`) ?? false
  return has(one, other) || has(other, one)
}

/** A branch of the run's own size, or one that a reducing coupling leads to from there. */
const takesBranch = (run: Socket, branch: Socket): boolean => branch.id === run.id || isReduced(run, branch)

/** A run of one size, or reduced as a coupling is; its branch as its larger end, its smaller one, or reduced from that. */
function isTee([larger, smaller, branch]: readonly Socket[]): boolean {
  if (!larger || !smaller || !branch) return false
  if (larger.id === smaller.id) return takesBranch(larger, branch)
  if (wholeRunTees.has(systemKey(larger))) return false
  return isReduced(larger, smaller) && (branch.id === larger.id || takesBranch(smaller, branch))
}

/** Barbs for PEX, whose plain copper ends are for solder. */
const isInsert = (method: MethodId): boolean =>
  methods[method].section.over === 'barb' && !methods[method].threadsByPlasticBore

/** A copper stub behind a wall is of its pipe's own size, or what multilayer pipe is pressed to. */
const isStub = (one: Socket, copper: Socket): boolean =>
  isInsert(one.method) ? one.size === copper.size : isMixed(one, copper)

/** Whether one of the ends is a thread that a list of pairs names beside this size. */
const hasThread = (pairs: ReadonlySet<string>, size: string, ends: readonly FittingEnd[]): boolean =>
  ends.some((end) => end.type === 'thread' && pairs.has(`${size} × ${end.size}`))

/**
 * Whether the trade makes a fitting: what a name can be made up of, and what a counter can hand over, are two things.
 *
 * @remarks for instance: 22 × 15 solder reducer: yes; 22 press × 15 compression adapter: nobody makes it
 * @remarks parts.md, *What is made*
 */
export function isMade({ kind, ends }: Fitting): boolean {
  const sockets = ends.flatMap((end) => (end.type === 'thread' ? [] : [end.socket]))
  const [one, other] = sockets
  if (kind === 'thread adapter') return ends.every((end) => end.type === 'thread' && betweenSystemsSizes.has(end.size))
  if (kind === 'angle stop') return sockets.every((socket, index) => index > 0 || angleStopSizes.has(socket.size))
  if (one && sockets.length < ends.length) {
    const only = threaded.get(systemKey(one))
    if (only) return kind === 'adapter' && hasThread(only, one.size, ends)
  }
  // What has a thread is made for the pipe's own and the next to each side: so it is written down in the first place.
  if (sockets.length < ends.length || !one || !other) return true
  switch (kind) {
    case 'tee':
      return isTee(sockets)
    case 'stub-out':
      return isStub(one, other)
    case 'adapter':
      // A plain end beside a barb is for solder; what is pressed on copper there has a press end of its own.
      return (
        isMixed(one, other) && !(ends[1]!.type === 'spigot' && isInsert(one.method) && !methods[other.method].isCup)
      )
    case 'reducer':
    case 'fitting reducer':
    case 'bushing':
      return one.family === 'old-bore' || isReduced(one, other)
    case 'elbow 90':
      return one.id === other.id
    default:
      return true
  }
}
