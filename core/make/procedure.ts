import type { Pipe } from '../catalogue/pipe'
import type { Socket } from '../catalogue/socket'
import type { Profile } from '../job/profile'
import type { Figure } from '../quantity/basis'
import type { Wait } from './wait'

/** What a procedure's figures follow from. */
export interface JointFigures {
  readonly pipe: Pipe
  readonly socket: Socket | undefined
  /** How far the pipe goes in; null while it is not known. */
  readonly insertion: Figure | null
  readonly profile: Profile
  /** Air temperature at the joint in °C; undefined while nobody said. */
  readonly celsius?: number
}

/** A figure that a step needs: a length, or words where it is not a length. */
export type StepFigure =
  | { readonly label: string; readonly mm: number; readonly tolerance: number; readonly basis: string }
  | { readonly label: string; readonly text: string; readonly basis: string }

export interface Step {
  readonly text: string
  readonly figure?: StepFigure
  /** A wait before the next step, with a timer of its own. */
  readonly wait?: Wait
}

/** How a joint is made, looked at, spoilt and taken apart. */
export interface Procedure {
  readonly tools: readonly string[]
  readonly consumables: readonly string[]
  readonly steps: readonly Step[]
  readonly inspection: readonly string[]
  readonly spoils: readonly string[]
  readonly apart: string
  readonly cautions: readonly string[]
}

/** The figure of the depth mark, or that it must be measured. */
function depthMark(insertion: Figure | null): StepFigure {
  if (!insertion) return { label: 'Mark at', text: 'measure the socket', basis: 'not in the catalogue' }
  return { label: 'Mark at', mm: insertion.mm, tolerance: insertion.tolerance, basis: insertion.basis }
}

/** How every joint starts. */
export function commonStart(insertion: Figure | null): Step[] {
  return [
    { text: 'Cut square. Deburr inside, then outside. Wipe, and look for scores.' },
    { text: 'Mark the insertion depth all round, then dry-fit to the stop.', figure: depthMark(insertion) },
  ]
}

export const waterCaution = 'Shut the water off and drain before you cut. Hot systems: let them cool first.'
