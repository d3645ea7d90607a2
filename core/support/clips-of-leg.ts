import type { Basis } from '../quantity/basis'
import type { Message } from '../quantity/words/message'

/** Where one leg is held. */
export interface LegClips {
  readonly run: string
  readonly leg: string
  /** The pipe's id. */
  readonly pipe: string
  /** Distances from the leg's first node, in mm. */
  readonly at: readonly number[]
  /** Between them, where the pipe is kept from swaying and can slide: distances from the leg's first node, in mm. */
  readonly guides: readonly number[]
  /** Why it is not known where they go; null where it is, though there may be none. */
  readonly unknown: Message | null
  /** Where one is wanting, and a leg that is too short for one. */
  readonly notes: readonly (Message & { readonly verdict: 'fits' | 'caution' })[]
  /** The greatest distance between two, in mm, and what that rests on; null where none is known. */
  readonly spacing: { readonly mm: number; readonly basis: Basis } | null
  /** They stand on joists or studs. */
  readonly onTimber: boolean
}
