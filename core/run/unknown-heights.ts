import { unitVector } from '../job/direction'
import type { Layout } from './layout'
import { walk } from './walk'

/** A leg that rises or falls by less to each mm is level. */
const level = 1e-6

/**
 * The nodes whose height nobody knows: each way to them leads up or down by pipe whose length does not matter, or by two
 * fittings that are still to be chosen. Where they are drawn is no measure.
 *
 * @remarks for instance: existing pipe down from a tank, its length of no matter, and a tee in it: the tee and all beyond
 */
export function unknownHeights({ system, arms, places }: Layout): ReadonlySet<string> {
  const isKnown = ({ length, direction }: (typeof system.legs)[number]) =>
    length !== null || Math.abs(unitVector(direction)[2]) < level
  if (system.legs.every(isKnown)) return new Set()
  const start = system.nodes.find(({ at }) => at !== undefined) ?? system.nodes[0]!
  const reached = new Set([...walk(arms, start.id, isKnown)].map(({ node }) => node))
  return new Set([...places.keys()].filter((id) => !reached.has(id)))
}
