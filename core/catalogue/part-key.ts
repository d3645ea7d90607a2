import type { Figure } from '../quantity/basis'

/** Fittings of which a user may know the take-off. */
export const partFittings = [
  'elbow-90',
  'elbow-45',
  'tee',
  'coupling',
  'slip-coupling',
  'valve',
  'union',
  'reducer',
  'adapter',
  'outlet',
] as const
export type PartFitting = (typeof partFittings)[number]

export const partEnds = ['either', 'run', 'branch'] as const
export type PartEnd = (typeof partEnds)[number]

/** What a figure is of: a socket's depth, a fitting's take-off at it, or one fitting by its name. */
export interface PartSubject {
  /** Empty where a fitting is named. */
  readonly socket: string
  readonly named?: string | undefined
  readonly fitting?: PartFitting | undefined
  readonly end: PartEnd
}

/** A figure of one's own, and what it is of. */
export interface OwnPart extends PartSubject, Figure {}

/** What a figure is of: a later one under the same key takes the place of an earlier one. */
export const partKey = ({ socket, named, fitting, end }: PartSubject): string =>
  named === undefined ? `${socket}|${fitting ?? 'depth'}|${end}` : `${named}|named|${end}`
