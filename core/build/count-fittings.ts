import { groupBy } from '../quantity/group-by'
import type { Part } from './part'

export interface FittingCount {
  readonly label: string
  readonly count: number
  readonly nodes: readonly string[]
}

/**
 * The fittings among these parts, counted by what is asked for at the counter.
 *
 * @remarks for instance: two soldered 22 elbows: [{ label: '22 solder elbow 90°', count: 2, nodes: ['b', 'c'] }]
 */
export const countFittings = (parts: readonly Part[]): FittingCount[] =>
  [
    ...groupBy(
      parts.filter(({ kind }) => kind === 'fitting'),
      ({ label }) => label,
    ),
  ].map(([label, alike]) => ({ label, count: alike.length, nodes: alike.map(({ node }) => node!) }))
