import { materialKey, materialNames } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'
import type { Observation } from '../job/observation'
import { likelihoodOf, readingError } from './likelihood'
import { lookLikelihood } from './look-likelihood'
import { parsePrintLine, printLikelihood } from './print-line'

/** An answer that fewer than one in thirty such pipes would give. */
const unlikelyLook = 0.033
/** A reading this many limits of error away is not bad luck. */
const farOff = 3
const allowance = { painted: 0.4, oval: 0.02 }

const sayings: Partial<Record<Observation['kind'], (material: string, value: string) => string>> = {
  magnet: (material, value) =>
    value === 'sticks' ? `a magnet does not stick to ${material}` : `a magnet sticks to ${material}`,
}

function offBy(mm: number, expected: number, limit: number, what: string): string[] {
  const off = Math.abs(mm - expected)
  return off > farOff * limit
    ? [`${what} ${mm.toFixed(1)} mm is ${off.toFixed(1)} mm from the ${expected.toFixed(1)} mm of this pipe`]
    : []
}

function contradiction(pipe: Pipe, seen: Observation): string[] {
  switch (seen.kind) {
    case 'diameter': {
      const limit = readingError[seen.instrument] + pipe.odTolerance + (seen.painted ? allowance.painted : 0)
      return offBy(seen.mm, pipe.od, limit + (seen.oval ? allowance.oval * pipe.od : 0), seen.instrument)
    }
    case 'circumference':
      return offBy(
        seen.mm / Math.PI,
        pipe.od,
        readingError.circumference / Math.PI + pipe.odTolerance,
        'the string gives',
      )
    case 'wall':
      return offBy(seen.mm, pipe.wall, readingError.wall + pipe.wall * 0.05, 'the wall of')
    case 'gauge': {
      if (likelihoodOf(seen)(pipe) >= unlikelyLook) return []
      return [
        `the ${seen.mm.toFixed(1)} mm gauge ${seen.fits ? 'goes' : 'does not go'} on, and this pipe is ${pipe.od.toFixed(1)} mm`,
      ]
    }
    case 'print': {
      const line = parsePrintLine(seen.text)
      const disagrees = line.understood.length > 0 && printLikelihood(line, pipe) < unlikelyLook
      return disagrees ? [`the print “${seen.text}” is not this pipe’s`] : []
    }
    default: {
      const material = materialNames[pipe.material]
      if (lookLikelihood(materialKey(pipe), pipe.grade, seen.kind, seen.value) >= unlikelyLook) return []
      return [sayings[seen.kind]?.(material, seen.value) ?? `${seen.kind} “${seen.value}” is not ${material}`]
    }
  }
}

/**
 * The observations that speak against a pipe, in words: they are named, not averaged away.
 *
 * @example a copper pipe to which a magnet stuck: ['a magnet does not stick to copper']
 */
export function contradictionsOf(pipe: Pipe, observations: readonly Observation[]): string[] {
  return observations.flatMap((seen) => contradiction(pipe, seen))
}
