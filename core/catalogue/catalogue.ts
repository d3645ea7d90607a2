import type { Figure } from '../quantity/basis'
import { fitsBySize } from './fit'
import { methodIds, type MethodId } from '../methods/ids'
import { shippedPipes, type Pipe } from './pipe'
import { shippedSockets, type Socket } from './socket'
import { partKey, type OwnPart, type PartEnd, type PartFitting } from './part-key'
import { shippedTakeOff } from './take-off'

/** All figures a plan may rest on. One object, so that a user's measured parts can be laid over it. */
export interface Catalogue {
  readonly pipes: readonly Pipe[]
  readonly sockets: readonly Socket[]
  /** The pipe with this id, or undefined. */
  pipe(id: string): Pipe | undefined
  /** The socket that this pipe goes into by size, the nearest first; undefined where the method has none. */
  socketFor(method: MethodId, pipe: Pipe): Socket | undefined
  /** The old side of a converter that this pipe goes into; undefined for pipe that needs none. */
  converterSocketFor(method: MethodId, pipe: Pipe): Socket | undefined
  /** The take-off, or null where no figure is known. */
  takeOff(socket: Socket, kind: PartFitting, end: PartEnd): Figure | null
  /** The take-off that was measured or read from a maker's sheet, or null. */
  ownTakeOff(socket: Socket, kind: PartFitting, end: PartEnd): Figure | null
  /** What was measured of one fitting by its name, or read from a maker's sheet; null where nothing was. */
  ownFitting(fitting: string, end: PartEnd): Figure | null
}

/** Sockets in which only one side of a special fitting takes the pipe; a plain fitting of the method does not. */
const converterSystems = new Set(['old bore', 'old-size olive'])

const isConverterSocket = (socket: Socket): boolean => converterSystems.has(socket.system)

/** What a pipe goes into where fittings between two pipes are chosen for it: a converter's old side before a plain socket. */
export function socketInChain(catalogue: Catalogue, method: MethodId, pipe: Pipe): Socket | undefined {
  return catalogue.converterSocketFor(method, pipe) ?? catalogue.socketFor(method, pipe)
}

function nearestSocket(sockets: readonly Socket[], method: MethodId, pipe: Pipe): Socket | undefined {
  return sockets
    .filter((socket) => socket.method === method && !isConverterSocket(socket) && fitsBySize(pipe, socket))
    .sort((a, b) => Math.abs(a.od - pipe.od) - Math.abs(b.od - pipe.od))[0]
}

function catalogueOf(
  pipes: readonly Pipe[],
  sockets: readonly Socket[],
  { ownTakeOff, ownFitting }: Pick<Catalogue, 'ownTakeOff' | 'ownFitting'>,
): Catalogue {
  const byId = new Map(pipes.map((pipe) => [pipe.id, pipe]))
  const fits = new Map<Pipe, Map<MethodId, Socket | undefined>>()
  return {
    pipes,
    sockets,
    pipe: (id) => byId.get(id),
    socketFor(method, pipe) {
      let ofPipe = fits.get(pipe)
      if (!ofPipe) {
        ofPipe = new Map(methodIds.map((known) => [known, nearestSocket(sockets, known, pipe)]))
        fits.set(pipe, ofPipe)
      }
      return ofPipe.get(method)
    },
    converterSocketFor: (method, pipe) =>
      sockets.find((socket) => socket.method === method && isConverterSocket(socket) && fitsBySize(pipe, socket)),
    takeOff: (socket, kind, end) => ownTakeOff(socket, kind, end) ?? shippedTakeOff(socket, kind, end),
    ownTakeOff,
    ownFitting,
  }
}

/** The catalogue as shipped. */
export const shippedCatalogue: Catalogue = catalogueOf(shippedPipes, shippedSockets, {
  ownTakeOff: () => null,
  ownFitting: () => null,
})

const figureOf = ({ mm, tolerance, basis }: OwnPart): Figure => ({ mm, tolerance, basis })

/**
 * The catalogue with a user's own figures laid over it: each stands in place of the shipped figure of the same part.
 *
 * @remarks for instance: catalogueWith([{ socket: 'solder:EN 1254-1:22', end: 'either', mm: 15, tolerance: 0.2, basis: 'measured', … }])
 */
export function catalogueWith(parts: readonly OwnPart[]): Catalogue {
  if (parts.length === 0) return shippedCatalogue
  const own = new Map(parts.map((part) => [partKey(part), figureOf(part)]))
  const sockets = shippedSockets.map((socket) => {
    const insertion = own.get(partKey({ socket: socket.id, end: 'either' }))
    return insertion ? { ...socket, insertion } : socket
  })
  return catalogueOf(shippedPipes, sockets, {
    ownTakeOff: (socket, fitting, end) => own.get(partKey({ socket: socket.id, fitting, end })) ?? null,
    ownFitting: (named, end) => own.get(partKey({ socket: '', named, end })) ?? null,
  })
}
