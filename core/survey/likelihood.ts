import type { Pipe } from '../catalogue/pipe'
import { lookLikelihood } from './look-likelihood'
import type { Observation } from '../job/observation'
import { parsePrintLine, printLikelihood } from './print-line'

/** The limits of error of each instrument, in mm (two standard deviations). */
export const readingError = { caliper: 0.1, tape: 1, circumference: 1, wall: 0.1 } as const

/** How far a pipe may differ from its gauge, in mm, and how often the gauge is right. */
const gaugePlay = 0.08
const gaugeSure = 0.985

/** What a coat of paint adds to the diameter: 0.1 to 0.4 mm. */
const paint = { mean: 0.25, error: 0.15 }
/** How far off an oval pipe may be read, as a share of its diameter. */
const ovalError = 0.02
/** How often a reading is simply wrong: misread, burred, not square. */
const blunder = 0.01
const blunderRange = 60

const density = (off: number, deviation: number): number =>
  Math.exp(-0.5 * (off / deviation) ** 2) / (deviation * Math.sqrt(2 * Math.PI))

function reading(off: number, limits: readonly number[]): number {
  const deviation = Math.hypot(...limits) / 2
  return (1 - blunder) * density(off, deviation) + blunder / blunderRange
}

function diameterLikelihood(observation: Extract<Observation, { kind: 'diameter' }>, pipe: Pipe): number {
  const shift = observation.painted ? paint.mean : 0
  const limits = [
    readingError[observation.instrument],
    pipe.odTolerance,
    observation.painted ? paint.error : 0,
    observation.oval ? ovalError * pipe.od : 0,
  ]
  return reading(observation.mm - pipe.od - shift, limits)
}

/**
 * A go/no-go gauge takes a pipe whose diameter lies within a tenth of its own; nearly certain either way.
 * A pipe at the edge of its tolerance may go or not.
 */
function gaugeLikelihood({ mm, fits }: Extract<Observation, { kind: 'gauge' }>, pipe: Pipe): number {
  const goes = Math.abs(pipe.od - mm) <= gaugePlay + pipe.odTolerance / 2 ? gaugeSure : 1 - gaugeSure
  return fits ? goes : 1 - goes
}

/** A function that gives how likely one observation is for a pipe; the print line is parsed once. */
export function likelihoodOf(observation: Observation): (pipe: Pipe) => number {
  switch (observation.kind) {
    case 'diameter':
      return (pipe) => diameterLikelihood(observation, pipe)
    case 'circumference': {
      const diameter = observation.mm / Math.PI
      return (pipe) => reading(diameter - pipe.od, [readingError.circumference / Math.PI, pipe.odTolerance])
    }
    case 'wall':
      return (pipe) => reading(observation.mm - pipe.wall, [readingError.wall, pipe.wall * 0.05])
    case 'gauge':
      return (pipe) => gaugeLikelihood(observation, pipe)
    case 'print': {
      const line = parsePrintLine(observation.text)
      return (pipe) => printLikelihood(line, pipe)
    }
    default:
      return (pipe) => lookLikelihood(pipe, observation.kind, observation.value)
  }
}
