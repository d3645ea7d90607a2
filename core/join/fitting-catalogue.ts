import type { MethodId } from '../catalogue/method'
import { shippedSockets, type Socket } from '../catalogue/socket'
import { endLabel, type FittingEnd, type ThreadSystem, type TransitionFitting } from './fitting'

const threadSizes = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'] as const

/** The thread that goes with a pipe of about this outside diameter, by the bore it carries on. */
const threadUpTo: readonly (readonly [number, (typeof threadSizes)[number]])[] = [
  [18, '1/2'],
  [23, '3/4'],
  [29, '1'],
  [36, '1-1/4'],
  [43, '1-1/2'],
  [64, '2'],
]

/** Pairs of systems that the trade makes in one body, metal to metal or metal to plastic. */
const mixedBodies: readonly (readonly [MethodId, MethodId])[] = [
  ['solder', 'press-metal'],
  ['solder', 'crimp'],
  ['solder', 'clamp'],
  ['solder', 'expansion'],
  ['solder', 'compression'],
  ['press-metal', 'crimp'],
  ['press-metal', 'clamp'],
  ['press-metal', 'expansion'],
  ['press-metal', 'press-multilayer'],
  ['press-metal', 'compression'],
  ['compression', 'press-multilayer'],
  ['compression', 'compression-pe'],
  ['crimp', 'clamp'],
  ['crimp', 'expansion'],
]

const socketEnd = (socket: Socket): FittingEnd => ({ type: 'socket', socket })

function fitting(what: string, a: FittingEnd, b: FittingEnd): TransitionFitting {
  const label = `${endLabel(a)} × ${endLabel(b)} ${what}`
  return { id: label, label, ends: [a, b] }
}

function sameBody(a: Socket, b: Socket): TransitionFitting[] {
  if (a.size === b.size) return [{ ...fitting('coupling', socketEnd(a), socketEnd(b)), label: `${a.label} coupling` }]
  const made = [fitting('reducer', socketEnd(a), socketEnd(b))]
  if (a.method === 'solder' || a.method === 'press-metal') {
    made.push(fitting('fitting reducer', { type: 'spigot', socket: a }, socketEnd(b)))
  }
  return made
}

const widest = 2.3
const near = (a: Socket, b: Socket): boolean => Math.max(a.od, b.od) / Math.min(a.od, b.od) <= widest
const mixable = (a: Socket, b: Socket): boolean =>
  a.family === b.family && near(a, b) && mixedBodies.some(([one, other]) => a.method === one && b.method === other)

function threadSystemOf(socket: Socket): ThreadSystem {
  return socket.family === 'cts' || socket.family === 'schedule' ? 'NPT' : 'BSPT'
}

function threadAdapters(socket: Socket): TransitionFitting[] {
  if (socket.method === 'thread' || socket.system === 'repair coupling') return []
  const plastic = socket.method === 'solvent'
  const system = threadSystemOf(socket)
  const at = threadUpTo.findIndex(([upTo]) => socket.od <= upTo)
  const nearby = threadSizes.slice(Math.max(0, at - 1), at + 2)
  const own = socket.family === 'schedule' ? threadSizes.filter((size) => size === socket.size) : nearby
  // A plastic female thread on a metal male splits: it is not made here at all.
  const sexes = plastic ? (['M'] as const) : (['M', 'F'] as const)
  return own.flatMap((size) =>
    sexes.map((sex) => fitting('adapter', socketEnd(socket), { type: 'thread', system, size, sex, plastic })),
  )
}

function threaded(sockets: readonly Socket[]): TransitionFitting[] {
  const pipeThreads = sockets.filter((socket) => socket.method === 'thread')
  const couplings = pipeThreads.flatMap((socket) => {
    const system: ThreadSystem = socket.system === 'NPT' ? 'NPT' : 'BSPT'
    const reduced = threadSizes.filter(
      (size) => Math.abs(threadSizes.indexOf(size) - threadSizes.indexOf(socket.size as '1/2')) <= 1,
    )
    return reduced.map((size) =>
      fitting(size === socket.size ? 'coupling' : 'reducing coupling', socketEnd(socket), {
        type: 'thread',
        system,
        size,
        sex: 'F',
        plastic: false,
      }),
    )
  })
  const nipples = (['NPT', 'BSPT'] as const).flatMap((system) =>
    threadSizes.map((size) => {
      const male: FittingEnd = { type: 'thread', system, size, sex: 'M', plastic: false }
      return fitting('nipple', male, male)
    }),
  )
  return [...couplings, ...nipples]
}

function converters(sockets: readonly Socket[]): TransitionFitting[] {
  const by = (method: MethodId, size: string) =>
    sockets.find((socket) => socket.method === method && socket.size === size)
  return (['solder', 'compression'] as const).flatMap((method) => {
    const old = by(method, 'old 3/4')
    const metric = by(method, '22')
    return old && metric ? [fitting('converter', socketEnd(old), socketEnd(metric))] : []
  })
}

/** Every transition fitting made from these sockets: couplings, reducers, mixed bodies, adapters, converters. */
export function fittingsFrom(sockets: readonly Socket[]): TransitionFitting[] {
  const plain = sockets.filter((socket) => socket.family !== 'old-bore' && socket.method !== 'thread')
  const pairs = plain.flatMap((a) => plain.map((b) => [a, b] as const))
  return [
    ...pairs
      .filter(([a, b]) => a.method === b.method && a.system === b.system && a.od >= b.od && near(a, b))
      .flatMap(([a, b]) => sameBody(a, b)),
    ...pairs.filter(([a, b]) => mixable(a, b)).map(([a, b]) => fitting('adapter', socketEnd(a), socketEnd(b))),
    ...plain.flatMap(threadAdapters),
    ...threaded(sockets),
    ...converters(sockets),
  ]
}

let shipped: readonly TransitionFitting[] | undefined

/** The transition fittings of the shipped catalogue, made once when first asked for. */
export function shippedFittings(): readonly TransitionFitting[] {
  shipped ??= fittingsFrom(shippedSockets)
  return shipped
}
