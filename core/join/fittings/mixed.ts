import type { MethodId } from '../../catalogue/method'
import type { Socket } from '../../catalogue/socket'
import { fittingOf, isNear, socketEnd, spigotEnd, type Fitting } from '../fitting'

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
/** What a copper stub through a wall is joined to behind it. */
const behindStub: ReadonlySet<MethodId> = new Set(['crimp', 'clamp', 'expansion', 'press-multilayer'])

const isMixed = (a: Socket, b: Socket): boolean =>
  a.family === b.family && isNear(a, b) && mixedBodies.some(([one, other]) => a.method === one && b.method === other)

function stubOuts(sockets: readonly Socket[]): Fitting[] {
  return sockets
    .filter(({ method }) => behindStub.has(method))
    .flatMap((socket) =>
      sockets
        .filter(
          ({ method, family, od }) => method === 'solder' && family === socket.family && Math.abs(od - socket.od) < 3,
        )
        .map((copper) => fittingOf('stub-out', [socketEnd(socket), spigotEnd(copper)])),
    )
}

function converters(sockets: readonly Socket[]): Fitting[] {
  const by = (method: MethodId, size: string) =>
    sockets.find((socket) => socket.method === method && socket.size === size)
  return (['solder', 'compression'] as const).flatMap((method) => {
    const old = by(method, 'old 3/4')
    const metric = by(method, '22')
    return old && metric ? [fittingOf('converter', [socketEnd(old), socketEnd(metric)])] : []
  })
}

/** Bodies with an end of two systems: mixed adapters, stub-outs, converters from old bore to metric. */
export function mixedFittings(sockets: readonly Socket[], plain: readonly Socket[]): Fitting[] {
  return [
    ...plain.flatMap((a) =>
      plain.filter((b) => isMixed(a, b)).map((b) => fittingOf('adapter', [socketEnd(a), socketEnd(b)])),
    ),
    ...stubOuts(plain),
    ...converters(sockets),
  ]
}
