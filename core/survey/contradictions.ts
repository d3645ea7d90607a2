import { materialName } from '../materials'
import type { Pipe } from '../catalogue/pipe'
import type { LookKind } from '../job/look'
import type { Observation } from '../job/observation'
import type { Message } from '../quantity/words/message'
import { likelihoodOf, readingError } from './likelihood'
import { lookLikelihood } from './look-likelihood'
import { parsePrintLine, printLikelihood } from './print-line'
import { contradictionSays } from './sayings'

/** An answer that fewer than one in thirty such pipes would give. */
const unlikelyLook = 0.033
/** A reading this many limits of error away is not bad luck. */
const farOff = 3
const allowance = { painted: 0.4, oval: 0.02 }

type Read = 'caliper' | 'tape' | 'the string gives' | 'the wall of'

function offBy(read: number, expected: number, limit: number, of: Read): Message[] {
  const off = Math.abs(read - expected)
  return off > farOff * limit ? [contradictionSays('off', { of, read, off, expected })] : []
}

function lookContradiction(pipe: Pipe, kind: LookKind, value: string): Message[] {
  if (lookLikelihood(pipe, kind, value) >= unlikelyLook) return []
  const material = materialName(pipe.material)
  if (kind === 'place') return [contradictionSays('place', { value, material })]
  if (kind !== 'magnet') return [contradictionSays('look', { kind, value, material })]
  return [contradictionSays(value === 'sticks' ? 'sticks' : 'does not stick', { material })]
}

function contradiction(pipe: Pipe, seen: Observation): Message[] {
  switch (seen.kind) {
    case 'diameter': {
      const limit = readingError[seen.instrument] + pipe.odTolerance + (seen.painted ? allowance.painted : 0)
      return offBy(seen.mm, pipe.od, limit + (seen.oval ? allowance.oval * pipe.od : 0), seen.instrument)
    }
    case 'circumference': {
      const limit = readingError.circumference / Math.PI + pipe.odTolerance
      return offBy(seen.mm / Math.PI, pipe.od, limit, 'the string gives')
    }
    case 'wall':
      return offBy(seen.mm, pipe.wall, readingError.wall + pipe.wall * 0.05, 'the wall of')
    case 'gauge':
      return likelihoodOf(seen)(pipe) >= unlikelyLook
        ? []
        : [contradictionSays('gauge', { gauge: seen.mm, goes: seen.fits, od: pipe.od })]
    case 'print': {
      const line = parsePrintLine(seen.text)
      const disagrees = line.understood.length > 0 && printLikelihood(line, pipe) < unlikelyLook
      return disagrees ? [contradictionSays('print', { text: seen.text })] : []
    }
    default:
      return lookContradiction(pipe, seen.kind, seen.value)
  }
}

/**
 * The observations that speak against a pipe: they are named, not averaged away.
 *
 * @remarks for instance: a copper pipe to which a magnet stuck: one message, told as 'a magnet does not stick to copper'
 */
export function contradictionsOf(pipe: Pipe, observations: readonly Observation[]): Message[] {
  return observations.flatMap((seen) => contradiction(pipe, seen))
}
