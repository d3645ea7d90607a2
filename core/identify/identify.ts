import type { Catalogue } from '../catalogue/catalogue'
import { contradictionsOf } from './contradictions'
import { fittingsTaken } from './fittings-taken'
import { likelihoodOf } from './likelihood'
import { nextChecks, type NextCheck, type Weighed } from './next-check'
import type { IdentifyRequest } from '../job/observation'
import { priorWeight } from './prior'
import { parsePrintLine } from './print-line'
import { warningsOf, type Marks } from './warnings'

export interface Candidate {
  /** The pipe's id. */
  readonly pipe: string
  readonly label: string
  readonly probability: number
  /** The sockets that it goes into. */
  readonly fits: readonly string[]
}

/** Candidates that take the same fittings, as one line. */
export interface FitGroup {
  readonly probability: number
  readonly fits: readonly string[]
  readonly candidates: readonly Candidate[]
}

export interface Identification {
  readonly candidates: readonly Candidate[]
  readonly groups: readonly FitGroup[]
  readonly next: readonly NextCheck[]
  /** All likely candidates take the same fittings: nothing more needs to be known before joining. */
  readonly settled: boolean
  /** What speaks against the likeliest pipe, in words. */
  readonly contradictions: readonly string[]
  /** What to be warned of, should it be the likeliest pipe. */
  readonly warnings: readonly string[]
  /** What was read from the print lines, in words. */
  readonly understood: readonly string[]
  readonly marks: Marks
}

const settledAt = 0.95
const shownFrom = 0.001
const weighedForNext = 40

function groupsOf(candidates: readonly Candidate[]): FitGroup[] {
  const byFits = new Map<string, Candidate[]>()
  for (const candidate of candidates) {
    const key = candidate.fits.join('|')
    byFits.set(key, [...(byFits.get(key) ?? []), candidate])
  }
  return [...byFits.values()]
    .map((members) => ({
      probability: members.reduce((sum, { probability }) => sum + probability, 0),
      fits: members[0]!.fits,
      candidates: members,
    }))
    .sort((a, b) => b.probability - a.probability)
}

/**
 * What a pipe most likely is: every pipe of the catalogue weighed by Bayes' rule.
 *
 * Prior by region and age, times the likelihood of each observation; readings have normal errors of the
 * instrument combined with the pipe's own tolerance, looks a table of how often each occurs.
 *
 * @returns candidates of at least one in a thousand, likeliest first; the same grouped by what they take;
 *   the next checks by expected gain per second; and whether what fits is settled (19 in 20)
 * @example identify(catalogue, { observations: [
 *   { kind: 'diameter', mm: 22.0, instrument: 'caliper' }, { kind: 'scratch', value: 'reddish' }] })
 */
export function identify(catalogue: Catalogue, { observations, region, built }: IdentifyRequest): Identification {
  const likelihoods = observations.map(likelihoodOf)
  const weights = catalogue.pipes.map((pipe) =>
    likelihoods.reduce((weight, likelihood) => weight * likelihood(pipe), priorWeight(pipe, region, built)),
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const weighed: Weighed[] = catalogue.pipes
    .map((pipe, index) => ({
      pipe,
      weight: weights[index]! / total,
      takes: fittingsTaken(catalogue, pipe).join('|'),
    }))
    .sort((a, b) => b.weight - a.weight)
  const all: Candidate[] = weighed.map(({ pipe, weight }) => ({
    pipe: pipe.id,
    label: pipe.label,
    probability: weight,
    fits: fittingsTaken(catalogue, pipe),
  }))
  const candidates = all.filter(({ probability }) => probability >= shownFrom)
  const groups = groupsOf(candidates)
  const settled = (groups[0]?.probability ?? 0) >= settledAt
  const done = new Set(observations.map((observation) => doneKey(observation)))
  const likeliest = weighed[0]!.pipe
  const prints = observations.flatMap((seen) => (seen.kind === 'print' ? [parsePrintLine(seen.text)] : []))
  const marks: Marks = {
    barrier: prints.some(({ barrier }) => barrier),
    potable: prints.some(({ potable }) => potable),
  }
  return {
    candidates,
    groups,
    next: settled ? [] : nextChecks(weighed.slice(0, weighedForNext), done),
    settled,
    contradictions: contradictionsOf(likeliest, observations),
    warnings: observations.length > 0 ? warningsOf(likeliest, marks) : [],
    understood: [...new Set(prints.flatMap(({ understood }) => understood))],
    marks,
  }
}

/** A tape across the pipe is so rough that a caliper is still worth asking for. */
function doneKey(observation: IdentifyRequest['observations'][number]): string {
  return observation.kind === 'diameter' && observation.instrument === 'tape' ? 'tape' : observation.kind
}
