import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import type { Socket } from '../socket'
import { fittingOf, isNear, socketEnd, spigotEnd, type Fitting } from '../fitting'
import { threadFor } from './thread-for'

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
const mixedWith: ReadonlyMap<MethodId, ReadonlySet<MethodId>> = new Map(
  mixedBodies.map(([one]) => [one, new Set(mixedBodies.flatMap(([a, b]) => (a === one ? [b] : [])))]),
)

function mixedAdapters(sockets: readonly Socket[], a: Socket): Fitting[] {
  const methodsBeside = mixedWith.get(a.method)
  if (!methodsBeside) return []
  return sockets
    .filter((b) => methodsBeside.has(b.method) && a.family === b.family && isNear(a, b))
    .map((b) => fittingOf('adapter', [socketEnd(a), socketEnd(b)]))
}

function stubOuts(sockets: readonly Socket[]): Fitting[] {
  return sockets
    .filter(({ method }) => methods[method].made.has('stub-out'))
    .flatMap((socket) =>
      sockets
        .filter(
          ({ method, family, od }) => methods[method].isCup && family === socket.family && Math.abs(od - socket.od) < 3,
        )
        .map((copper) => fittingOf('stub-out', [socketEnd(socket), spigotEnd(copper)])),
    )
}

/** What ends in a plain piece of copper, which goes into any fitting of its size. */
const withCopperSpigot = (sockets: readonly Socket[]): Fitting[] =>
  sockets
    .filter(({ method }) => methods[method].made.has('stub-out'))
    .flatMap((socket) =>
      sockets
        .filter(({ method }) => methods[method].made.has('spigot'))
        .filter((copper) => copper.family === socket.family && isNear(copper, socket))
        .map((copper) => fittingOf('adapter', [socketEnd(socket), spigotEnd(copper)])),
    )

/** Copper on one side, threaded steel on the other, and nothing between that carries current. */
function dielectricUnions(sockets: readonly Socket[]): Fitting[] {
  const steel = sockets.filter(({ method }) => methods[method].threaded)
  return sockets
    .filter(({ method, family }) => methods[method].isCup && family !== 'old-bore')
    .flatMap((copper) => {
      const system = copper.family === 'cts' ? 'NPT' : 'ISO 7-1 (BSPT)'
      return steel
        .filter((socket) => socket.system === system && socket.size === threadFor(copper))
        .map((socket) => fittingOf('dielectric union', [socketEnd(socket), socketEnd(copper)]))
    })
}

/** What old three-quarter bore goes into: a converter to 22; a 22 body with its own olive, to itself, to 15, to PE. */
function oldBoreFittings(sockets: readonly Socket[]): Fitting[] {
  const by = (method: MethodId, size: string) =>
    sockets.find((socket) => socket.method === method && socket.size === size)
  const pair = (
    kind: 'converter' | 'coupling' | 'reducer' | 'adapter',
    a: Socket | undefined,
    b: Socket | undefined,
  ) => (a && b ? [fittingOf(kind, [socketEnd(a), socketEnd(b)])] : [])
  const olive = by('compression', 'old 3/4')
  return [
    ...pair('converter', by('solder', 'old 3/4'), by('solder', '22')),
    ...pair('converter', olive, by('compression', '22')),
    ...pair('coupling', olive, olive),
    ...pair('reducer', olive, by('compression', '15')),
    ...pair('adapter', olive, by('compression-pe', '25')),
  ]
}

/** Bodies with an end of two systems: mixed adapters, stub-outs, converters from old bore to metric. */
export function mixedFittings(sockets: readonly Socket[], plain: readonly Socket[]): Fitting[] {
  return [
    ...plain.flatMap((a) => mixedAdapters(plain, a)),
    ...withCopperSpigot(plain),
    ...stubOuts(plain),
    ...dielectricUnions(sockets),
    ...oldBoreFittings(sockets),
  ]
}
