import type { Material } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'

const noBarrier: ReadonlySet<Material> = new Set(['pex-a', 'pex-b', 'pex-c', 'pb', 'pp-r'])

/** What a pipe's print promises beyond what it is. */
export interface Marks {
  readonly barrier: boolean
  readonly potable: boolean
}

/** What to be warned of as soon as a pipe is taken for this, before anything is joined to it. */
export function warningsOf(pipe: Pipe, marks: Marks): string[] {
  const warnings: string[] = []
  if (pipe.material === 'lead')
    warnings.push('Lead: do not drink from it, do not extend it; replace it, by a licensed person.')
  if (pipe.standard === 'old grey CTS')
    warnings.push('Old grey polybutylene: withdrawn, it fails without warning; replace rather than repair.')
  if (pipe.material === 'carbon-steel') warnings.push('Carbon steel: sealed heating only, never drinking water.')
  if (pipe.material === 'copper' && pipe.temper === 'soft')
    warnings.push('Soft copper: re-round before any joint; no push-fit.')
  if (noBarrier.has(pipe.material) && !marks.barrier)
    warnings.push('On heating only with an oxygen barrier: read it from the print line.')
  return warnings
}
