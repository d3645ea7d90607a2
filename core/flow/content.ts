import { boreOf, type Pipe } from '../catalogue/pipe'

/**
 * Water in a length of pipe, in litres, by its bore.
 *
 * @remarks for instance: 10 m of 22 × 0.9: bore 20.2 mm, 3.20 l
 */
export const contentOf = (pipe: Pipe, length: number): number =>
  ((Math.PI / 4) * boreOf(pipe) ** 2 * length) / 1_000_000

/** Water in several lengths of a run's pipe, in litres. */
export const contentOfLengths = (
  lengths: readonly { readonly leg: string; readonly length: number }[],
  pipeOf: (leg: string) => Pipe,
): number => lengths.reduce((sum, { leg, length }) => sum + contentOf(pipeOf(leg), length), 0)
