import type { Hypothesis } from './hypothesis'

export const leak: Hypothesis = {
  meta: {
    id: 'leak',
    statement: 'Water runs out until the line is empty, with a power of the pressure between one half and one.',
    why: 'A hole that does not change lets water by the root of the pressure; a seep and a slit in plastic by the pressure itself.',
    chance: 0.25,
    basis: 'typical',
  },
  direction: 'out',
  exponent: { mean: 0.7, deviation: 0.2, low: 0.4, high: 1.2 },
}
