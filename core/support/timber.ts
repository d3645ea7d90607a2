import type { ProfileId } from '../workshop/profile'
import type { Basis } from '../quantity/basis'
import { messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'

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
}

const share = (of: number): string => `1/${Math.round(1 / of)}`
const spread = (from: number, to: number): string =>
  from === 0 ? `up to ${two(to)}` : `from ${two(from)} to ${two(to)}`
const two = (of: number): string => String(Math.round(of * 100) / 100)

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

/** What a joist stands, and what is wrong with a cut in it. */
export const timberSentences = {
  id: 'timber',
  messages: {
    limits: sentence<JoistLimits>(british, (of, say) =>
      [
        `notches to ${share(of.notch)} of the depth, ${spread(of.notchFrom, of.notchTo)} of the span from a support`,
        `holes to ${share(of.hole)}${of.edge > 0 ? `, ${say.length(of.edge)} in from either edge` : ''}, ${spread(of.holeFrom, of.holeTo)}`,
      ].join('; '),
    ),
    size: sentence(
      { kind: 'hole' as JoistCut['kind'], most: 50, depth: 200 },
      ({ kind, most, depth }, say) => `a ${kind} of at most ${say.atMost(most)} in a joist ${say.length(depth)} deep`,
    ),
    place: sentence(
      { kind: 'notch' as JoistCut['kind'], from: 210, to: 750 },
      ({ kind, from, to }, say) => `a ${kind} between ${say.length(from)} and ${say.length(to)} from a support`,
    ),
  },
} as const
const timber = messagesOf(timberSentences)

/** The limits of a profile, to be told. */
export const joistLimitsMessage = (profile: ProfileId): Message => timber('limits', joistLimits[profile])

/**
 * What is wrong with a notch or a hole in a joist; nothing when it keeps the limits.
 *
 * @remarks for instance: a hole of 60 in a joist of 200 at 1000 of a span of 3000: more than 50
 */
export function joistProblems({ kind, depth, span, at, size }: JoistCut, profile: ProfileId): Message[] {
  const limits = joistLimits[profile]
  const part = Math.min(at, span - at) / span
  const [most, from, to] =
    kind === 'notch'
      ? [limits.notch * depth, limits.notchFrom, limits.notchTo]
      : [Math.min(limits.hole * depth, Math.max(0, depth - 2 * limits.edge)), limits.holeFrom, limits.holeTo]
  return [
    ...(size > most ? [timber('size', { kind, most, depth })] : []),
    ...(part < from || part > to ? [timber('place', { kind, from: from * span, to: to * span })] : []),
  ]
}

/**
 * Whether a plate must guard a pipe in a hole against nails and screws.
 *
 * @param clear from the hole's edge to the nearer face of the stud or joist, in mm
 * @param least the profile's distance: 32 mm, 1 1/4 in
 * @remarks for instance: a hole of 20 in the middle of a stud 75 wide: 27.5 clear, a guard
 */
export const needsGuard = (clear: number, least: number): boolean => clear < least
