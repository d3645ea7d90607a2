import { methods } from '../../methods'
import type { Socket } from '../socket'
import { fittingOf, isNear, socketEnd, spigotEnd, type Fitting } from '../fitting'

function elbows(socket: Socket): Fitting[] {
  const end = socketEnd(socket)
  const street = methods[socket.method].made.has('spigot') ? [spigotEnd(socket), end] : null
  return [
    fittingOf('elbow 90', [end, end], `${socket.label} elbow 90`),
    fittingOf('elbow 45', [end, end], `${socket.label} elbow 45`),
    ...(street ? [fittingOf('street elbow 90', street), fittingOf('street elbow 45', street)] : []),
  ]
}

/** A run from larger to smaller end, with a branch of any near size: run first, then branch. */
function tees(system: readonly Socket[], larger: Socket): Fitting[] {
  const near = system.filter((socket) => isNear(larger, socket))
  return near
    .filter((smaller) => smaller.od <= larger.od)
    .flatMap((smaller) => near.map((branch) => fittingOf('tee', [larger, smaller, branch].map(socketEnd))))
}

function reducingElbows(system: readonly Socket[], larger: Socket): Fitting[] {
  return system
    .filter((smaller) => smaller.od < larger.od && isNear(larger, smaller))
    .map((smaller) => fittingOf('elbow 90', [socketEnd(larger), socketEnd(smaller)]))
}

/** Elbows, street elbows and tees of every size of one system. */
export function turningFittings(system: readonly Socket[]): Fitting[] {
  const whole = system.filter((socket) => socket.system !== 'repair coupling')
  return whole.flatMap((socket) => [...elbows(socket), ...reducingElbows(whole, socket), ...tees(whole, socket)])
}
