import type { Turns } from './turning'
import type { Pipe } from '../catalogue/pipe'
import type { Socket } from '../catalogue/socket'
import type { Profile } from '../workshop/profile'
import type { Figure } from '../quantity/basis'
import type { Speaker } from '../quantity/words/speaks'
import type { Wait } from '../methods/wait'

/** What a procedure's figures follow from. */
export interface JointFigures {
  readonly pipe: Pipe
  readonly socket: Socket | undefined
  /** How far the pipe goes in; null while it is not known. */
  readonly insertion: Figure | null
  readonly profile: Profile
  /** Air temperature at the joint in °C; undefined while nobody said. */
  readonly celsius?: number
  /** How the joint lies: a level one is fed from its lower half up, an upright one from above or below its fitting. */
  readonly attitude?: Attitude
  /** The pipe is there already, and must not turn in its next joint; false for a new piece, undefined where nobody said. */
  readonly isExisting?: boolean
  /** The line drips still, so that a wet joint is covered and dried. */
  readonly wet?: boolean
  /** Who reads the card. */
  readonly say: Speaker
}

export const attitudes = ['level', 'upright, fitting above', 'upright, fitting below'] as const
export type Attitude = (typeof attitudes)[number]

/** A figure that a step needs: a length, two limits of a gauge, or words where it is neither. */
export type StepFigure =
  | { readonly label: string; readonly mm: number; readonly tolerance: number; readonly basis: string }
  | { readonly label: string; readonly go: number; readonly noGo: number; readonly basis: string }
  /** Words; of what is turned also how far, past hand-tight. */
  | { readonly label: string; readonly text: string; readonly basis: string; readonly turns?: Turns }

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

/** How far a pipe is tried in its fitting before the joint is made. */
const trial = {
  home: 'Mark the insertion depth all round, then dry-fit to the stop.',
  'part way':
    'Mark the insertion depth all round, then try it dry: it goes in a third to two thirds of the way. Farther in, it is loose; less, it will not go fully in.',
  never: 'Mark the insertion depth all round. No dry fit: it grips, or goes on hard, at the first push.',
} as const

/** How every joint starts: cut and cleaned, and marked. Where the pipe can be tried in its fitting, it is. */
export function commonStart(insertion: Figure | null, tried: keyof typeof trial): Step[] {
  return [
    { text: 'Cut square. Deburr inside, then outside. Wipe, and check for scores.' },
    { text: trial[tried], figure: depthMark(insertion) },
  ]
}

/** What every joint into a house's line begins and ends with. */
export const waterCaution =
  'Shut the water off and drain before you cut. Hot systems: let them cool first. Refill slowly, with the highest outlet open.'
