import { refusalsOf } from '../quantity/words/refusal'
import { fixed } from '../quantity/words/sentence'

const refuse = refusalsOf({
  id: 'fixings',
  messages: {
    spacing: fixed('Fixings: a spacing above nought'),
    most: fixed('Greatest span: above nought'),
  },
})

/** Where something can be fixed along a leg: joists, studs. mm from the leg's first node. */
export interface Fixings {
  /** Centre to centre, above 0. */
  readonly spacing: number
  /** The first one's centre from the leg's first node, 0 or more: before it there is none. */
  readonly offset: number
}

export interface FixedClips {
  readonly at: readonly number[]
  /** Spans that nothing to fix to keeps: a batten or noggin goes between. */
  readonly tooLong: readonly { readonly from: number; readonly to: number }[]
}

const rounding = 0.05
const round = (mm: number): number => Math.round(mm * 10) / 10

/**
 * The centres of what can be fixed to, between two places on a leg.
 *
 * @remarks for instance: joists at 400, the first at 200, from 0 to 1100: 200, 600, 1000
 */
export function fixingsWithin({ spacing, offset }: Fixings, from: number, to: number): number[] {
  if (!(spacing > 0)) throw refuse('spacing')
  const first = Math.max(0, Math.ceil((from - rounding - offset) / spacing))
  const last = Math.floor((to + rounding - offset) / spacing)
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, at) => round(offset + (first + at) * spacing))
}

/**
 * The fewest clips on given places that keep every span: one on the first place and one on the last, as near to either
 * end as there is something to fix to, and between them from each clip as far as a span reaches.
 *
 * Where a span cannot be kept, the next place is taken, and the span is named.
 *
 * @param places where clips may stand, in mm, ascending
 * @param most greatest span, in mm, above 0
 * @remarks for instance: places 200, 600, 1000, 1400, 1800 with spans of 900: 200, 1000, 1800
 */
export function fewestClips(places: readonly number[], most: number): FixedClips {
  if (!(most > 0)) throw refuse('most')
  const [first] = places
  if (first === undefined) return { at: [], tooLong: [] }
  const end = places.length - 1
  const at = [first]
  const tooLong: { from: number; to: number }[] = []
  for (let here = 0; here < end;) {
    const reach = places.findLastIndex((place) => place - places[here]! <= most + rounding)
    if (reach === here) tooLong.push({ from: places[here]!, to: places[here + 1]! })
    here = Math.max(reach, here + 1)
    at.push(places[here]!)
  }
  return { at, tooLong }
}
