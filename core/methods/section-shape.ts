/** Where along the depth seal and grip sit, as a share of it, and what is said there; typical of the method. */
interface Holds {
  readonly seal: number
  readonly grip: number
  readonly sealText: string
  readonly gripText: string
  /** What is said at the end. */
  readonly stopText: string
}

/** What holds the pipe in a socket. */
export type Holding = 'filler' | 'seal' | 'seal and teeth' | 'olive and nut' | 'teeth, seal and nut'

/** A pipe that goes into a socket. */
interface InSocket extends Holds {
  readonly over: 'pipe'
  /** Room round the pipe, in mm: drawn no thinner than can be seen. */
  readonly gap: number
  readonly holding: Holding
}

/** A pipe that goes over a barb, and what closes on it. */
interface OnBarb extends Holds {
  readonly over: 'barb'
  readonly closes: 'ring' | 'narrow ring' | 'flush ring' | 'sleeve'
}

/** What can be drawn of a joint that was made wrong, beside what every joint can have. */
export type SectionFault =
  | 'burr'
  | 'insert in metal'
  | 'ring too near'
  | 'ring too far'
  | 'not reamed'
  | 'run inside'
  | 'bead inside'
  | 'cold side'
  | 'too tight'
  | 'tape on the olive'
  | 'crossed'
  | 'overtightened'

/** How a joint of a method looks cut through, and what is wrong with one whose pipe is not fully in. */
export type SectionShape = (InSocket | OnBarb) & {
  /** How the pipe goes in. */
  readonly motion: 'Push the pipe in' | 'Push the pipe over the barb' | 'Screw the pipe in'
  /** What is said of one that is as it must be. */
  readonly homeText: string
  /** What a pipe that is not fully in does. */
  readonly shortText: string
  /** What the hand does that is worth seeing in motion, and how that is said. */
  readonly hand?: 'heat and feed' | 'expand' | 'turn'
  readonly handText?: string
  /** What else goes wrong with a joint of this method, beside a pipe that is not fully in or not round. */
  readonly faults: readonly SectionFault[]
}
