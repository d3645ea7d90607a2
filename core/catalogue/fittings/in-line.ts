import type { MethodId } from '../method'
import type { Socket } from '../socket'
import { fittingOf, isNear, socketEnd, spigotEnd, type Fitting } from '../fitting'

/** Methods whose fittings are also made with an end of the pipe's own size, to go inside another fitting. */
const withSpigot: ReadonlySet<MethodId> = new Set(['solder', 'press-metal'])
const withSlip: ReadonlySet<MethodId> = new Set(['solder', 'press-metal', 'push-fit', 'compression', 'compression-pe'])
/** A compression coupling comes apart itself. */
const withUnion: ReadonlySet<MethodId> = new Set([
  'solder',
  'press-metal',
  'press-multilayer',
  'crimp',
  'clamp',
  'expansion',
  'push-fit',
  'compression-pe',
  'solvent',
])

/** What one size of one system is made as, in a straight line. */
function ofOneSize(socket: Socket): Fitting[] {
  const twice = [socketEnd(socket), socketEnd(socket)]
  const named = (kind: 'coupling' | 'slip coupling' | 'union' | 'valve') =>
    fittingOf(kind, twice, `${socket.label} ${kind}`)
  return [
    named('coupling'),
    ...(withSlip.has(socket.method) ? [named('slip coupling')] : []),
    ...(withUnion.has(socket.method) ? [named('union')] : []),
    ...(socket.system === 'repair coupling' ? [] : [named('valve')]),
    fittingOf('cap', [socketEnd(socket)], `${socket.label} cap`),
    ...(withSpigot.has(socket.method) || socket.method === 'push-fit' ? [fittingOf('plug', [spigotEnd(socket)])] : []),
  ]
}

function reducers(larger: Socket, smaller: Socket): Fitting[] {
  const plain = fittingOf('reducer', [socketEnd(larger), socketEnd(smaller)])
  if (larger.method === 'solvent') return [plain, fittingOf('bushing', [spigotEnd(larger), socketEnd(smaller)])]
  return withSpigot.has(larger.method)
    ? [plain, fittingOf('fitting reducer', [spigotEnd(larger), socketEnd(smaller)])]
    : [plain]
}

/** Couplings, slip couplings, unions, valves, caps, plugs and reducers of every size of one system. */
export function inLineFittings(system: readonly Socket[]): Fitting[] {
  return [
    ...system.flatMap(ofOneSize),
    ...system.flatMap((larger) =>
      system
        .filter((smaller) => smaller.od < larger.od && isNear(larger, smaller))
        .flatMap((smaller) => reducers(larger, smaller)),
    ),
  ]
}
