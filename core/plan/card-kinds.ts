import type { Reason } from '../join/verdict'
import { groupBy } from '../group-by'
import type { JointCard } from '../make/joint-card'

/** One joint with its card and what is to be said of it. */
export interface CardOf<Joint> {
  readonly joint: Joint
  readonly card: JointCard
  readonly reasons: readonly Reason[]
}

/** Joints that are made alike: one card holds for all of them. */
export interface CardKind<Joint> {
  readonly card: JointCard
  readonly reasons: readonly Reason[]
  readonly joints: readonly Joint[]
}

/**
 * Joints by what their cards say, in the order in which each kind is first met.
 *
 * @remarks for instance: ten soldered 22 joints, eight level and two upright: two kinds, of eight and of two
 */
export function cardKinds<Joint>(cards: readonly CardOf<Joint>[]): CardKind<Joint>[] {
  return [...groupBy(cards, ({ card, reasons }) => JSON.stringify([card, reasons])).values()].map((alike) => ({
    card: alike[0]!.card,
    reasons: alike[0]!.reasons,
    joints: alike.map(({ joint }) => joint),
  }))
}
