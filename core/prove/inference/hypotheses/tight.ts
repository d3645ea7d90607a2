import type { Hypothesis } from './hypothesis'

export const tight: Hypothesis = {
  meta: {
    id: 'tight',
    statement:
      'Nothing runs out and nothing runs in: the gauge follows temperature, creep, trapped air and its own errors.',
    why: 'Most lines that were made with care are tight at the first test.',
    chance: 0.62,
    basis: 'typical',
  },
  direction: 'none',
}
