import { closingLeak } from './closing-leak'
import type { Hypothesis } from './hypothesis'
import { inflow } from './inflow'
import { leak } from './leak'
import { tight } from './tight'

/** Every explanation that the readings are weighed against; one that is not among them shows as a misfit. */
export const hypotheses: readonly Hypothesis[] = [tight, leak, closingLeak, inflow]
