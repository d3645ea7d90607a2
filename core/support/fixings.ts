/** Where something can be fixed along a leg: joists, studs. mm from the leg's first node. */
export interface Fixings {
  /** Centre to centre, above 0. */
  readonly spacing: number
  /** The first one's centre from the leg's first node, 0 or more. */
  readonly offset: number
}

export interface FixedClips {
  readonly at: readonly number[]
  /** Spans that nothing to fix to keeps: a batten or noggin goes between. */
  readonly tooLong: readonly { readonly from: number; readonly to: number }[]
}

const rounding = 0.05
const round = (mm: number): number => Math.round(mm * 10) / 10

/** The centres of what can be fixed to, between two places on a leg. */
export function fixingsWithin({ spacing, offset }: Fixings, from: number, to: number): number[] {
  if (!(spacing > 0)) throw new RangeError('Fixings: a spacing of more than 0 mm')
  const centres: number[] = []
  for (let at = offset - Math.floor(offset / spacing) * spacing; at <= to + rounding; at += spacing) {
    if (at >= from - rounding) centres.push(round(at))
  }
  return centres
}

/**
 * The fewest clips on given places that keep every span: from each clip as far as a span reaches. The first clip stands
 * within a span of the start, the last within one of the end.
 *
 * Where a span cannot be kept, the next place is taken, and the span is named.
 *
 * @param places where clips may stand, in mm, ascending
 * @param from,to between which places the leg must be held
 * @param most greatest span, in mm, above 0
 * @example places 200, 600, 1000, 1400, 1800 over 0 to 2000 with spans of 900: 600, 1400
 */
export function fewestClips(places: readonly number[], from: number, to: number, most: number): FixedClips {
  if (!(most > 0)) throw new RangeError('a support spacing is more than 0 mm')
  const at: number[] = []
  const tooLong: { from: number; to: number }[] = []
  let last = from
  let next = 0
  while (to - last > most + rounding) {
    let reach = -1
    while (next < places.length && places[next]! <= last + most + rounding) reach = next++
    if (reach < 0) {
      const after = places[next]
      tooLong.push({ from: round(last), to: round(after ?? to) })
      if (after === undefined) return { at, tooLong }
      reach = next++
    }
    last = places[reach]!
    at.push(last)
  }
  // A leg that one span reaches over is still held once, as near to its middle as can be.
  if (at.length === 0 && places.length > 0) {
    const middle = (from + to) / 2
    at.push(places.reduce((best, place) => (Math.abs(place - middle) < Math.abs(best - middle) ? place : best)))
  }
  return { at, tooLong }
}
