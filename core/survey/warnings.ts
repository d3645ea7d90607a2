import { materialOf } from '../materials'
import type { Pipe } from '../catalogue/pipe'
import type { Message } from '../quantity/words/message'
import { warningSays } from './sayings'

/** What a pipe's print promises beyond what it is. */
export interface Marks {
  readonly barrier: boolean
  readonly potable: boolean
}

/** What to be warned of as soon as a pipe is taken for this, before anything is joined to it. */
export function warningsOf(pipe: Pipe, marks: Marks): Message[] {
  const warnings: Message[] = []
  const of = materialOf(pipe)
  if (of.isReplaced) warnings.push(warningSays('lead'))
  if (pipe.standard === 'old grey CTS') warnings.push(warningSays('old grey'))
  if (of.heatingOnly) warnings.push(warningSays('carbon steel'))
  if (pipe.temper === 'soft') warnings.push(warningSays('soft copper'))
  if (of.mayHaveBarrier && !marks.barrier) warnings.push(warningSays('barrier'))
  return warnings
}
