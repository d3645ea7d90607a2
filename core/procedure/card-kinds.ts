import type { Reason } from '../join/verdict'
import { groupBy } from '../quantity/group-by'
import type { JointCard } from './joint-card'

/** One joint with its card and what is to be said of it. */
export interface CardOf<Joint> {
  readonly joint: Joint
  readonly card: JointCard
  readonly reasons: readonly Reason[]
}

/** What a step says, and of which joints. */
export interface StepText<Joint> {
  readonly text: string
  readonly joints: readonly Joint[]
}

/** Joints that are made alike: one card holds for all of them. */
export interface CardKind<Joint> {
  readonly card: JointCard
  readonly reasons: readonly Reason[]
  readonly joints: readonly Joint[]
  /** By step what it says: one text for all joints, or several where it goes by how a joint lies. */
  readonly texts: readonly (readonly StepText<Joint>[])[]
}

/** What must be the same for one card to hold: all but the words of its steps. */
const keyOf = ({ card: { steps, ...card }, reasons }: CardOf<unknown>): string =>
  JSON.stringify([card, steps.map(({ text: _, ...step }) => step), reasons])

/**
 * Joints by what their cards say, in the order in which each kind is first met.
 *
 * @remarks for instance: ten soldered 22 joints, eight level and two upright: one kind of ten, its step of the flame with two texts
 */
export function cardKinds<Joint>(cards: readonly CardOf<Joint>[]): CardKind<Joint>[] {
  return [...groupBy(cards, keyOf).values()].map((alike) => {
    const [{ card, reasons }] = alike as [CardOf<Joint>]
    const texts = card.steps.map((_, index) =>
      [...groupBy(alike, (of) => of.card.steps[index]!.text)].map(([text, of]) => ({
        text,
        joints: of.map(({ joint }) => joint),
      })),
    )
    return { card, reasons, joints: alike.map(({ joint }) => joint), texts }
  })
}
