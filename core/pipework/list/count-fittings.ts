import { groupBy } from '../../quantity/group-by'
import type { Part } from '../fittings/part'

export interface FittingCount {
  /** In the catalogue; its words where only these are known. */
  readonly item: string
  readonly label: string
  readonly count: number
  readonly nodes: readonly string[]
}

/**
 * The fittings among these parts, counted by item: what was drawn and what was chosen by its name are one line. What
 * nobody makes is none to bring.
 *
 * @remarks for instance: two soldered 22 elbows: [{ label: '22 solder elbow 90°', count: 2, nodes: ['b', 'c'], … }]
 */
export const countFittings = (parts: readonly Part[]): FittingCount[] =>
  [
    ...groupBy(
      parts.filter(({ kind, isUnmade }) => kind === 'fitting' && !isUnmade),
      ({ item, label }) => item ?? label,
    ),
  ].map(([item, alike]) => ({
    item,
    label: alike[0]!.label,
    count: alike.length,
    nodes: alike.map(({ node }) => node!),
  }))
