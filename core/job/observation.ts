import type { LookKind } from './look'

/** One thing seen, felt or measured on a pipe. Lengths in millimetres. */
export type Observation =
  | { kind: 'diameter'; mm: number; instrument: 'caliper' | 'tape'; painted?: boolean; oval?: boolean }
  | { kind: 'circumference'; mm: number }
  | { kind: 'wall'; mm: number }
  | { kind: 'gauge'; mm: number; fits: boolean }
  | { kind: 'print'; text: string }
  | { kind: LookKind; value: string }

export const regions = ['britain', 'europe', 'north-america'] as const
export type Region = (typeof regions)[number]

export interface IdentifyRequest {
  readonly observations: readonly Observation[]
  readonly region?: Region
  readonly built?: number
}
