/** What a method's fittings are made as, beside couplings, elbows, tees and caps. */
export type Form =
  /** With an end of the pipe's own size, to go inside another fitting: street elbows, fitting reducers. */
  | 'spigot'
  | 'plug'
  | 'slip coupling'
  | 'union'
  | 'valve'
  | 'drop-ear elbow'
  | 'swivel connector'
  | 'angle stop'
  | 'radiator valve'
  /** For a fixture's supply tube, by its outside diameter. */
  | 'supply stop'
  /** The same for metric pipe, with an end like its own. */
  | 'metric supply stop'
  /** Joined behind a wall to a copper stub. */
  | 'stub-out'
  /** A spigot that brings a larger socket down. */
  | 'bushing'
