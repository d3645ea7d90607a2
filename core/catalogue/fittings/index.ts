import { methods } from '../../methods'
import { groupBy } from '../../quantity/group-by'
import { shippedSockets, type Socket } from '../socket'
import type { Fitting } from '../fitting'
import { inLineFittings } from './in-line'
import { isMade } from './is-made'
import { mixedFittings } from './mixed'
import { partsInLine } from './parts-in-line'
import { supplyStops, threadAdapters, threadedFittings } from './threaded'
import { turningFittings } from './turning'

const plainSockets = (sockets: readonly Socket[]): Socket[] =>
  sockets.filter((socket) => socket.family !== 'old-bore' && !methods[socket.method].threaded)

const bySystem = (sockets: readonly Socket[]): Socket[][] => [
  ...groupBy(plainSockets(sockets), ({ method, system }) => `${method}|${system}`).values(),
]

/** What leads from one pipe to another, made or not: couplings, reducers, adapters, converters, threaded ones. */
function transitionsOf(sockets: readonly Socket[]): Fitting[] {
  const plain = plainSockets(sockets)
  return [
    ...bySystem(sockets).flatMap(inLineFittings),
    ...mixedFittings(sockets, plain),
    ...plain.flatMap(threadAdapters),
    ...threadedFittings(sockets),
    ...supplyStops(sockets),
  ]
}

const turnsOf = (sockets: readonly Socket[]): Fitting[] => bySystem(sockets).flatMap(turningFittings)

/** Every fitting that the trade makes of these sockets, by family of size, method and system. */
export const fittingsFrom = (sockets: readonly Socket[]): Fitting[] =>
  [...transitionsOf(sockets), ...turnsOf(sockets)].filter(isMade)

const onceMade = <Value>(make: () => Value): (() => Value) => {
  let made: { readonly value: Value } | undefined
  return () => (made ??= { value: make() }).value
}

// Thousands of names: written down once, however many ask.
const transitions = onceMade(() => transitionsOf(shippedSockets))
const turns = onceMade(() => turnsOf(shippedSockets))

/** The transitions of the shipped catalogue that are made. */
export const shippedTransitions = onceMade((): readonly Fitting[] => transitions().filter(isMade))

/** The fittings of the shipped catalogue: all of them are made. */
export const shippedFittings = onceMade((): readonly Fitting[] => [...shippedTransitions(), ...turns().filter(isMade)])
const byId = onceMade(() => new Map(shippedFittings().map((fitting) => [fitting.id, fitting])))
/** A fitting by its item in the catalogue; undefined for what only its words are known of. */
export const shippedFitting = (id: string): Fitting | undefined => byId().get(id)

/** What may stand in line by a name of its own: the catalogue knows its ends alone. */
export const shippedPartsInLine = onceMade((): readonly Fitting[] =>
  partsInLine(shippedSockets.filter(({ family }) => family !== 'old-bore')),
)

/** And those that nobody makes: older jobs name some, and a hand may hold one all the same. */
export const nameableFittings = onceMade((): readonly Fitting[] => [
  ...transitions(),
  ...turns(),
  ...shippedPartsInLine(),
])
