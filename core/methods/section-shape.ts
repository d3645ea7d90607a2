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

/** How a joint of a method looks cut through, and what is wrong with one that is not home. */
export type SectionShape = (InSocket | OnBarb) & {
  /** How the pipe goes in. */
  readonly motion: 'Push the pipe in' | 'Screw the pipe in'
  /** What is said of one that is as it must be. */
  readonly homeText: string
  /** What a pipe that is not home does. */
  readonly shortText: string
  /** A burr shaves its seal. */
  readonly burrHurts: boolean
  /** An insert in metal pipe spoils it. */
  readonly insertHurtsMetal: boolean
  /** Its ring has a place from the pipe's end. */
  readonly hasRingPlace: boolean
}
