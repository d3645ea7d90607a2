import { inch, type Units } from '../quantity/units'
import type { ChoiceAsk, LengthAsk, PipeAsk } from './pattern'

/** Questions that more than one pattern asks. */

/** A length with its usual answer on either side of the ocean, and what is taken. */
export const lengthAsk = (
  label: string,
  usual: readonly [metric: number, inches: number],
  [least, most]: readonly [number, number],
): LengthAsk => ({ kind: 'length', label, usual: { metric: usual[0], imperial: usual[1] * inch }, least, most })

export const thereAsk: PipeAsk = { kind: 'there', label: 'Existing pipe' }
export const newAsk: PipeAsk = { kind: 'new', label: 'New pipe' }

/** By how much the cut ends can be sprung apart, as it was tried. */
export const playAsk = lengthAsk('The cut ends spring apart by', [0, 0], [0, 100])

const same = (items: ChoiceAsk['items']['metric']): ChoiceAsk['items'] => ({ metric: items, imperial: items })

/** A choice that is the same everywhere. */
export const choiceAsk = (label: string, items: ChoiceAsk['items']['metric']): ChoiceAsk => ({
  kind: 'choice',
  label,
  items: same(items),
})

/** A choice of fixtures, by region. */
export const fixtureAsk = (label: string, items: Readonly<Record<Units, ChoiceAsk['items']['metric']>>): ChoiceAsk => ({
  kind: 'choice',
  label,
  items,
})
