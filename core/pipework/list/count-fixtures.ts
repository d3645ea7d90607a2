import { fixtureNamed } from '../../catalogue/fixture'
import { groupBy } from '../../quantity/group-by'
import type { Layout } from '../../run/layout'
import { isNewFitting } from '../../run/states'
import { countedByName, type SundryCount } from './sundries'

/** A manifold is bought by its outlets: up to the last that pipe leads from. */
const outletsOf = (ends: readonly string[]): number =>
  Math.max(...ends.map((end) => Number(/^out-(\d+)$/.exec(end)?.[1] ?? 0)))

/**
 * The fixtures that go in, counted by what they are: one however many of its ends pipe leads to. What only existing pipe
 * leads to is there.
 *
 * @remarks for instance: hot and cold to a basin, cold to a toilet: 1 wash basin, 1 toilet; four pipes from a manifold: 1
 *   manifold with 4 outlets
 */
export function countFixtures(layouts: readonly Layout[]): SundryCount[] {
  const led = layouts.flatMap(({ system, arms }) =>
    system.nodes.flatMap((node) => {
      const of = node.fixture && fixtureNamed(node.fixture, system.fixtures)
      return of && isNewFitting(node, arms.get(node.id) ?? []) ? [{ ...node.fixture!, name: of.name }] : []
    }),
  )
  const names = [...groupBy(led, ({ id }) => id).values()].map((ends) => {
    const outlets = outletsOf(ends.map(({ end }) => end))
    return outlets > 0 ? `${ends[0]!.name} with ${outlets} outlets` : ends[0]!.name
  })
  return countedByName(names).map(({ item, ...of }) => ({ ...of, item: `fixture: ${item}` }))
}
