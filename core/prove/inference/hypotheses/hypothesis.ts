import type { Basis } from '../../../quantity/basis'
import type { Unknown } from '../fit'

/** What of the readings says where a flow may stop. */
export interface Seen {
  /** The first, the lowest and the highest pressure that was read, in bar. */
  readonly first: number
  readonly lowest: number
  readonly highest: number
}

/** What is known of a figure beforehand. */
export type Known = Omit<Unknown, 'of'>

/** One explanation of the readings: what runs out of a closed line, or into it. */
export interface Hypothesis {
  readonly meta: {
    readonly id: string
    readonly statement: string
    readonly why: string
    /** How often it is so before anything was read; all of them together make 1. */
    readonly chance: number
    readonly basis: Basis
  }
  /** Out, in, or neither. */
  readonly direction: 'out' | 'in' | 'none'
  /** The power of the pressure that the flow goes with, where any runs. */
  readonly exponent?: Known
  /** The pressure at which it stops, and from where that is sought; nothing where it runs until the line is empty. */
  readonly level?: (seen: Seen) => Known & { readonly starts: readonly number[] }
}
