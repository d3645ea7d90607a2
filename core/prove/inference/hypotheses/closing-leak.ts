import type { Hypothesis } from './hypothesis'

/** Shares of the first pressure between which such a place opens. */
const [lowest, highest] = [0.05, 0.98]

export const closingLeak: Hypothesis = {
  meta: {
    id: 'closing-leak',
    statement: 'Water runs out above some pressure only: the gauge falls and then stands.',
    why: 'An O-ring in a joint that was not pressed and a slit open under pressure and close below it; a valve that passes stops at what is behind it.',
    chance: 0.07,
    basis: 'typical',
  },
  direction: 'out',
  exponent: { mean: 0.7, deviation: 0.25, low: 0.4, high: 1.2 },
  level: ({ first, lowest: seen }) => ({
    mean: 0.55 * first,
    deviation: 0.3 * first,
    low: lowest * first,
    high: highest * first,
    // From where the gauge stands, or from well below.
    starts: [Math.min(highest * first, Math.max(lowest * first, 0.97 * seen)), Math.max(lowest * first, 0.75 * seen)],
  }),
}
