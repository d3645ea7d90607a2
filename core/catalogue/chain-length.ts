import type { Catalogue } from './catalogue'
import type { Figure } from '../quantity/basis'
import { meetingOf, type Fitting } from './fitting'
import { endLength, sumOf, takeUpOf } from './fitting-length'
import { nameableFittings, shippedFitting } from './fittings'

let byId: ReadonlyMap<string, Fitting> | undefined

/** A fitting by its id, made or not; undefined where the name is of none. */
export function fittingNamed(id: string): Fitting | undefined {
  const made = shippedFitting(id)
  if (made) return made
  // Twice as many names: gone through only for one that nobody makes.
  byId ??= new Map(nameableFittings().map((fitting) => [fitting.id, fitting]))
  return byId.get(id)
}

/**
 * The length of fittings in line, one in the other: from where the first pipe stops to where the last one does, in mm.
 * Their tolerances add up.
 *
 * @param fittings of two ends each, in order
 * @returns null where one of them has no length, or does not go with the next
 * @remarks for instance: a soldered 22 × 3/4 M adapter in a press 28 × 3/4 F adapter: 12.5 + 14 taken up + 15.4 = 41.9
 */
export function chainLength(catalogue: Catalogue, fittings: readonly Fitting[]): Figure | null {
  // Nothing yet: it makes no figure less sure.
  let whole: Figure = { mm: 0, tolerance: 0, basis: 'measured' }
  for (const [index, fitting] of fittings.entries()) {
    for (const end of fitting.ends.keys()) {
      const length = endLength(catalogue, fitting, end)
      if (!length) return null
      whole = sumOf(whole, length)
    }
    const next = fittings[index + 1]
    if (!next) continue
    const meeting = meetingOf(fitting, next)
    // Two sockets that face each other are as far apart as the pipe between them makes them.
    if (!meeting) return null
    if (meeting.kind === 'thread') whole = sumOf(whole, takeUpOf(meeting.male))
  }
  return whole
}

/** The same for fittings by their ids; null where the catalogue does not know one of them. */
export function chainLengthOf(catalogue: Catalogue, ids: readonly string[]): Figure | null {
  const fittings = ids.map(fittingNamed)
  return fittings.every((fitting) => fitting !== undefined) ? chainLength(catalogue, fittings) : null
}

/** Whether two fittings of a chain do not go one in the other; those that the catalogue does not know may. */
export function isChainApart(ids: readonly string[]): boolean {
  const fittings = ids.map(fittingNamed)
  return fittings.some((fitting, index) => {
    const next = fittings[index + 1]
    return fitting && next ? meetingOf(fitting, next) === null : false
  })
}
