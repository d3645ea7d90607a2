import type { ProfileId } from '../job/profile'
import type { Basis } from '../quantity/basis'

/** What may be cut out of a joist; shares of its depth, and of its span from a support. */
export interface JoistLimits {
  readonly notch: number
  readonly notchFrom: number
  readonly notchTo: number
  readonly hole: number
  readonly holeFrom: number
  readonly holeTo: number
  /** Least wood that stays above and below a hole, in mm. */
  readonly edge: number
  readonly basis: Basis
  readonly text: string
}

const british: JoistLimits = {
  notch: 1 / 8,
  notchFrom: 0.07,
  notchTo: 0.25,
  hole: 1 / 4,
  holeFrom: 0.25,
  holeTo: 0.4,
  edge: 0,
  basis: 'guidance',
  text: 'notches to 1/8 of the depth, from 0.07 to 0.25 of the span; holes to 1/4 on the centre line, from 0.25 to 0.4',
}
const american: JoistLimits = {
  notch: 1 / 6,
  notchFrom: 0,
  notchTo: 1 / 3,
  hole: 1 / 3,
  holeFrom: 0,
  holeTo: 0.5,
  edge: 50.8,
  basis: 'model code',
  text: 'notches to 1/6 of the depth, not in the middle third of the span; holes to 1/3, 2 in from either edge',
}

export const joistLimits: Readonly<Record<ProfileId, JoistLimits>> = {
  metric: british,
  'us-a': american,
  'us-b': american,
}

/** A pipe through a joist, in mm. */
export interface JoistCut {
  readonly kind: 'notch' | 'hole'
  readonly depth: number
  readonly span: number
  /** From the nearer support. */
  readonly at: number
  /** Depth of the notch, or diameter of the hole. */
  readonly size: number
}

/**
 * What is wrong with a notch or a hole in a joist; nothing when it keeps the limits.
 *
 * @param written writes a limit in the job's units, never rounded up
 * @example a hole of 60 in a joist of 200 at 1000 of a span of 3000: more than 50
 */
export function joistProblems(
  { kind, depth, span, at, size }: JoistCut,
  profile: ProfileId,
  written: (mm: number) => string,
): string[] {
  const limits = joistLimits[profile]
  const share = Math.min(at, span - at) / span
  const [most, from, to] =
    kind === 'notch'
      ? [limits.notch * depth, limits.notchFrom, limits.notchTo]
      : [Math.min(limits.hole * depth, Math.max(0, depth - 2 * limits.edge)), limits.holeFrom, limits.holeTo]
  return [
    ...(size > most ? [`a ${kind} of at most ${written(most)} in a joist ${written(depth)} deep`] : []),
    ...(share < from || share > to
      ? [`a ${kind} between ${written(from * span)} and ${written(to * span)} from a support`]
      : []),
  ]
}

/**
 * Whether a plate must guard a pipe in a hole against nails and screws.
 *
 * @param clear from the hole's edge to the nearer face of the stud or joist, in mm
 * @param least the profile's distance: 32 mm, 1 1/4 in
 * @example a hole of 20 in the middle of a stud 75 wide: 27.5 clear, a guard
 */
export const needsGuard = (clear: number, least: number): boolean => clear < least
