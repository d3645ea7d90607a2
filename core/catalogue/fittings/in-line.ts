import { methods } from '../../methods'
import type { Socket } from '../socket'
import { fittingOf, isNear, socketEnd, spigotEnd, type Fitting } from '../fitting'

/** What one size of one system is made as, in a straight line. */
function ofOneSize(socket: Socket): Fitting[] {
  const { made } = methods[socket.method]
  const twice = [socketEnd(socket), socketEnd(socket)]
  const named = (kind: 'coupling' | 'slip coupling' | 'union' | 'valve') =>
    fittingOf(kind, twice, `${socket.label} ${kind}`)
  return [
    named('coupling'),
    ...(made.has('slip coupling') ? [named('slip coupling')] : []),
    ...(made.has('union') ? [named('union')] : []),
    ...(socket.system === 'repair coupling' || !made.has('valve') ? [] : [named('valve')]),
    fittingOf('cap', [socketEnd(socket)], `${socket.label} cap`),
    ...(made.has('plug') ? [fittingOf('plug', [spigotEnd(socket)])] : []),
  ]
}

function reducers(larger: Socket, smaller: Socket): Fitting[] {
  const plain = fittingOf('reducer', [socketEnd(larger), socketEnd(smaller)])
  if (methods[larger.method].made.has('bushing'))
    return [plain, fittingOf('bushing', [spigotEnd(larger), socketEnd(smaller)])]
  return methods[larger.method].made.has('spigot')
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
