/** How a bend is marked and laid in the former. Which is right is habit; each is calibrated to the user's own bender. */
export const markingMethods = ['start of bend', 'centre line', 'former edge'] as const
export type MarkingMethod = (typeof markingMethods)[number]

export const markingHow: Readonly<Record<MarkingMethod, string>> = {
  'start of bend': 'Mark where the bend starts, and lay the mark at the former’s nought.',
  'centre line': 'Mark the centre line of the leg after the bend, and line it up with an offcut held in the former.',
  'former edge': 'From the centre line measure back to the former’s edge, and lay the mark at the edge.',
}

/** Which end of a bend the bender's mark stands at, counted from the tube's held end: before the bend, or beyond it. */
export const bendDirections = ['forwards', 'backwards'] as const
export type BendDirection = (typeof bendDirections)[number]
