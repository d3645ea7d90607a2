import { methods } from '../../methods'
import type { Socket } from '../socket'
import { threadDiameter, threadSizes, type ThreadSize } from '../thread-size'
import { threadFor } from './thread-for'
import {
  fittingOf,
  socketEnd,
  spigotEnd,
  type Fitting,
  type FittingEnd,
  type ThreadEnd,
  type ThreadSystem,
} from '../fitting'

const systemOf = (socket: Socket): ThreadSystem =>
  socket.system === 'NPT' ||
  socket.family === 'cts' ||
  socket.family === 'pex-al-pex' ||
  (socket.family === 'schedule' && !methods[socket.method].threaded)
    ? 'NPT'
    : 'BSP'

const thread = (system: ThreadSystem, size: string, sex: 'M' | 'F', plastic = false): ThreadEnd => ({
  type: 'thread',
  system,
  size,
  sex,
  form: 'taper',
  plastic,
})

/** An end as another fitting meets it: what takes threaded pipe is a female thread to it. */
export const asMet = (end: FittingEnd): FittingEnd =>
  end.type === 'socket' && methods[end.socket.method].threaded
    ? thread(systemOf(end.socket), end.socket.size, 'F')
    : end

/** The thread sizes that a fitting of this size is made with: its own and one to each side. */
function sizesFor(socket: Socket): readonly ThreadSize[] {
  if (socket.family === 'schedule') return threadSizes.filter((size) => size === socket.size)
  const at = threadSizes.indexOf(threadFor(socket) ?? '2')
  return threadSizes.slice(Math.max(0, at - 1), at + 2)
}

function onWall(socket: Socket, size: ThreadSize): Fitting[] {
  if (!methods[socket.method].made.has('drop-ear elbow') || (size !== '1/2' && size !== '3/4')) return []
  return [fittingOf('drop-ear elbow', [socketEnd(socket), thread(systemOf(socket), size, 'F')])]
}

function angleStop(socket: Socket, size: ThreadSize): Fitting[] {
  if (!methods[socket.method].made.has('angle stop') || size !== '1/2') return []
  return [fittingOf('angle stop', [socketEnd(socket), { ...thread(systemOf(socket), size, 'M'), form: 'parallel' }])]
}

/** Pipe that a radiator valve's own end takes; its tail goes into the radiator. */
const radiatorPipe = new Set(['metric 10', 'metric 15', 'multilayer 16'])

function radiatorValve(socket: Socket, size: ThreadSize): Fitting[] {
  const isMade = methods[socket.method].made.has('radiator valve') && size === '1/2'
  if (!isMade || !radiatorPipe.has(`${socket.family} ${socket.size}`)) return []
  return [fittingOf('radiator valve', [socketEnd(socket), thread('BSP', size, 'M')])]
}

function swivel(socket: Socket, size: ThreadSize): Fitting[] {
  if (
    socket.family !== 'metric' ||
    !methods[socket.method].made.has('swivel connector') ||
    (size !== '1/2' && size !== '3/4')
  )
    return []
  return [fittingOf('swivel connector', [socketEnd(socket), { ...thread('BSP', size, 'F'), form: 'parallel' }])]
}

/** A cemented bushing that brings a larger socket down to a thread. */
const threadBushings = (socket: Socket): Fitting[] =>
  methods[socket.method].made.has('bushing')
    ? threadSizes
        .filter((size) => threadDiameter(size) < socket.od)
        .map((size) => fittingOf('bushing', [spigotEnd(socket), thread(systemOf(socket), size, 'F', true)]))
    : []

/** Adapters, elbows and tees with a thread on one size of one system. */
export function threadAdapters(socket: Socket): Fitting[] {
  if (methods[socket.method].threaded || socket.system === 'repair coupling') return []
  const plastic = methods[socket.method].plasticThreads
  const end = socketEnd(socket)
  return [
    ...threadBushings(socket),
    ...sizesFor(socket).flatMap((size) => {
      const female = thread(systemOf(socket), size, 'F', plastic)
      return [
        fittingOf('adapter', [end, thread(systemOf(socket), size, 'M', plastic)]),
        fittingOf('adapter', [end, female]),
        fittingOf('elbow 90', [end, female]),
        fittingOf('tee', [end, end, female]),
        ...onWall(socket, size),
        ...angleStop(socket, size),
        ...swivel(socket, size),
        ...radiatorValve(socket, size),
      ]
    }),
  ]
}

const byOutside = 'by outside diameter, inch'

/** Stops for a fixture's supply tube by its outside diameter, as North America makes them, and 15 on 15. */
export function supplyStops(sockets: readonly Socket[]): Fitting[] {
  const outlets = sockets.filter(({ system, size }) => system === byOutside && (size === '3/8' || size === '1/4'))
  const halfInch = sockets.filter(
    ({ method, system, family, size }) =>
      methods[method].made.has('supply stop') && family === 'cts' && size === (system === byOutside ? '5/8' : '1/2'),
  )
  const fifteen = sockets.filter(
    ({ method, family, size }) =>
      methods[method].made.has('metric supply stop') && family === 'metric' && size === '15',
  )
  return [
    ...halfInch.flatMap((pipe) => outlets.map((outlet) => fittingOf('angle stop', [pipe, outlet].map(socketEnd)))),
    ...fifteen.map((pipe) => fittingOf('angle stop', [pipe, pipe].map(socketEnd), '15 compression angle stop')),
  ]
}

/** Fittings of threaded pipe: couplings, elbows, tees, unions, caps and nipples. */
export function threadedFittings(sockets: readonly Socket[]): Fitting[] {
  const pipeThreads = sockets.filter(({ method }) => methods[method].threaded)
  const ofPipe = pipeThreads.flatMap((socket) => {
    const end = socketEnd(socket)
    const at = threadSizes.indexOf(socket.size as ThreadSize)
    const females = threadSizes.filter((_, index) => Math.abs(index - at) <= 1)
    return [
      ...females.map((size) =>
        fittingOf(size === socket.size ? 'coupling' : 'reducer', [end, thread(systemOf(socket), size, 'F')]),
      ),
      fittingOf('elbow 90', [end, thread(systemOf(socket), socket.size, 'F')]),
      fittingOf('elbow 45', [end, thread(systemOf(socket), socket.size, 'F')]),
      fittingOf('street elbow 90', [thread(systemOf(socket), socket.size, 'M'), end]),
      fittingOf('union', [end, end], `${socket.label} union`),
      fittingOf('valve', [end, end], `${socket.label} valve`),
      fittingOf('cap', [end], `${socket.label} cap`),
      ...females.map((size) => fittingOf('tee', [end, end, thread(systemOf(socket), size, 'F')])),
    ]
  })
  const nipplesAndPlugs = (['NPT', 'BSP'] as const).flatMap((system) =>
    threadSizes.flatMap((size) => [
      fittingOf('nipple', [thread(system, size, 'M'), thread(system, size, 'M')]),
      fittingOf('plug', [thread(system, size, 'M')]),
    ]),
  )
  // Brass, one thread of each system: the way from metric to inch pipe.
  const betweenSystems = threadSizes
    .slice(0, 3)
    .flatMap((size) => [
      fittingOf('thread adapter', [thread('BSP', size, 'F'), thread('NPT', size, 'F')]),
      fittingOf('thread adapter', [thread('BSP', size, 'F'), thread('NPT', size, 'M')]),
      fittingOf('thread adapter', [thread('BSP', size, 'M'), thread('NPT', size, 'F')]),
    ])
  return [...ofPipe, ...nipplesAndPlugs, ...betweenSystems]
}
