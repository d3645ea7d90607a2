/** What can be done to find a leak: at one place, or by a valve for half of them. */
export const spotChecks = ['look', 'tissue', 'listen', 'open'] as const
export type SpotCheck = (typeof spotChecks)[number]
export const leakChecks = [...spotChecks, 'valve'] as const
export type LeakCheck = (typeof leakChecks)[number]

/** What a check shows: at a place whether it leaks there; of a valve on which side of it the gauge falls. */
export const checkResults = ['dry', 'leaks', 'before', 'beyond'] as const

export interface CheckResult {
  readonly check: LeakCheck
  /** Id of a joint, of a leg as `leg/` with its run and leg, or of a valve as its run and node. */
  readonly at: string
  readonly result: (typeof checkResults)[number]
}
