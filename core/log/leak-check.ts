/** What can be done to find a leak: at one place, along the whole line, or by a valve for half of it. */
export const spotChecks = ['look', 'tissue', 'soap', 'listen', 'open'] as const
export type SpotCheck = (typeof spotChecks)[number]
export const leakChecks = ['walk', ...spotChecks, 'valve'] as const
export type LeakCheck = (typeof leakChecks)[number]

/** What a check shows of a place: whether it leaks there. */
export const spotResults = ['dry', 'leaks'] as const
/** What a shut valve shows: on which side of it the gauge falls. */
export const valveResults = ['before', 'beyond', 'both', 'neither'] as const
export const checkResults = [...spotResults, ...valveResults] as const

/** What a walk round in vain was of. */
export const everywhere = 'all'

export interface CheckResult {
  readonly check: LeakCheck
  /** A spot as its run and node or `leg/` with its run and leg, a joint's id, a valve as its run and node, or `all`. */
  readonly at: string
  readonly result: (typeof checkResults)[number]
}
