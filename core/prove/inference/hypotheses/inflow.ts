import type { Hypothesis } from './hypothesis'

/** A main stands at most so high, in bar. */
const mostMain = 16

export const inflow: Hypothesis = {
  meta: {
    id: 'inflow',
    statement: 'Water runs in from a higher pressure through a valve that passes, with the root of what is between.',
    why: 'A gauge that rises at a steady temperature is fed from somewhere: such a line is not closed off, and its test shows nothing.',
    chance: 0.06,
    basis: 'typical',
  },
  direction: 'in',
  exponent: { mean: 0.5, deviation: 0.08, low: 0.35, high: 0.8 },
  level: ({ first, highest }) => ({
    mean: highest + 2.5,
    deviation: 3,
    low: Math.max(highest, first + 0.02),
    high: Math.max(mostMain, highest + 3),
    starts: [highest + 0.05, highest + 1.5],
  }),
}
