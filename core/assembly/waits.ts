/** From when to when, in minutes from the beginning of the work. */
export interface Stretch {
  readonly from: number
  readonly to: number
}

/**
 * The stretches from the beginning to the last end in which none of these is done.
 *
 * @remarks for instance: done from 0 to 10, from 8 to 20 and from 50 to 60: one, from 20 to 50
 */
export function gapsBetween(done: readonly { readonly start: number; readonly end: number }[]): Stretch[] {
  let until = 0
  const gaps: Stretch[] = []
  for (const { start, end } of done.toSorted((one, other) => one.start - other.start)) {
    if (start > until) gaps.push({ from: until, to: start })
    until = Math.max(until, end)
  }
  return gaps
}

/**
 * What is left of stretches beside one that is taken.
 *
 * @remarks for instance: from 20 to 50, with 30 to 40 taken: from 20 to 30 and from 40 to 50
 */
export const outside = (
  stretches: readonly Stretch[],
  taken: { readonly start: number; readonly end: number } | null,
): readonly Stretch[] =>
  taken
    ? stretches
        .flatMap(({ from, to }) => [
          { from, to: Math.min(to, taken.start) },
          { from: Math.max(from, taken.end), to },
        ])
        .filter(({ from, to }) => to > from)
    : stretches

/** Minutes of all of them together. */
export const lengthOf = (stretches: readonly Stretch[]): number =>
  stretches.reduce((sum, { from, to }) => sum + to - from, 0)
