import type { Material } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'
import type { Message } from '../quantity/message'
import { warningSays } from './sayings'

const noBarrier: ReadonlySet<Material> = new Set(['pex-a', 'pex-b', 'pex-c', 'pb', 'pp-r'])

/** What a pipe's print promises beyond what it is. */
export interface Marks {
  readonly barrier: boolean
  readonly potable: boolean
}

/** What to be warned of as soon as a pipe is taken for this, before anything is joined to it. */
export function warningsOf(pipe: Pipe, marks: Marks): Message[] {
  const warnings: Message[] = []
  if (pipe.material === 'lead') warnings.push(warningSays('lead'))
  if (pipe.standard === 'old grey CTS') warnings.push(warningSays('old grey'))
  if (pipe.material === 'carbon-steel') warnings.push(warningSays('carbon steel'))
  if (pipe.material === 'copper' && pipe.temper === 'soft') warnings.push(warningSays('soft copper'))
  if (noBarrier.has(pipe.material) && !marks.barrier) warnings.push(warningSays('barrier'))
  return warnings
}
