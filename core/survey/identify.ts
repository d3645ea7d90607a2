import type { Catalogue } from '../catalogue/catalogue'
import { contradictionsOf } from './contradictions'
import { fittingsThatFit } from './fittings-that-fit'
import { likelihoodOf } from './likelihood'
import { nextChecks, type NextCheck, type Weighed } from './next-check'
import { groupBy } from '../quantity/group-by'
import type { IdentifyRequest, Observation } from '../job/observation'
import type { Message } from '../quantity/words/message'
import { priorWeight } from './prior'
import { parsePrintLine } from './print-line'
import { warningsOf, type Marks } from './warnings'

export interface Candidate {
  /** The pipe's id. */
  readonly pipe: string
  readonly label: string
  readonly probability: number
  /** The sockets that it goes into, and that no rule doubts. */
  readonly fits: readonly string[]
  /** The sockets that it goes into by size, of which a rule says to be careful. */
  readonly doubtful: readonly string[]
}

/** Candidates that take the same fittings, as one line. */
export interface FitGroup {
  readonly probability: number
  /** What goes on each likely one of them, without a doubt. */
  readonly fits: readonly string[]
  readonly doubtful: readonly string[]
  readonly candidates: readonly Candidate[]
}

export interface Identification {
  readonly candidates: readonly Candidate[]
  readonly groups: readonly FitGroup[]
  readonly next: readonly NextCheck[]
  /** All likely candidates take the same fittings: nothing more needs to be known before joining. */
  readonly settled: boolean
  /** What speaks against the likeliest pipe. */
  readonly contradictions: readonly Message[]
  /** What to be warned of, should it be the likeliest pipe. */
  readonly warnings: readonly Message[]
  /** What was read from the print lines, in words. */
  readonly understood: readonly string[]
  readonly marks: Marks
}

const settledAt = 0.95
const shownFrom = 0.001
const weighedForNext = 40

/** Of the members of a group only those that are at least this share of it have a say in what is doubtful. */
const hasSay = 0.05

function groupsOf(candidates: readonly (Candidate & { readonly key: string })[]): FitGroup[] {
  return [...groupBy(candidates, ({ key }) => key).values()]
    .map((members): FitGroup => {
      const probability = members.reduce((sum, { probability: of }) => sum + of, 0)
      const likely = members.filter((member) => member.probability >= hasSay * probability)
      const doubtful = [...new Set(likely.flatMap((member) => member.doubtful))]
      const fits = members[0]!.fits.filter((label) => !doubtful.includes(label))
      return { probability, fits, doubtful, candidates: members.map(({ key: _, ...candidate }) => candidate) }
    })
    .sort((a, b) => b.probability - a.probability)
}

/** A pipe that was seen to be painted is thicker by its paint, whether or not that was said with the reading. */
function withPaint(observations: readonly Observation[]): readonly Observation[] {
  const isPainted = observations.some((seen) => seen.kind === 'colour' && seen.value === 'painted')
  if (!isPainted) return observations
  return observations.map((seen) => (seen.kind === 'diameter' ? { ...seen, painted: seen.painted ?? true } : seen))
}

/**
 * What a pipe most likely is: every pipe of the catalogue weighed by Bayes' rule.
 *
 * Prior by region and age, times the likelihood of each observation; readings have normal errors of the
 * instrument combined with the pipe's own tolerance, looks a table of how often each occurs.
 *
 * @returns candidates of at least one in a thousand, likeliest first; the same grouped by what they take;
 *   the next checks by expected gain per second; and whether what fits is settled (19 in 20)
 * @remarks for instance: identify(catalogue, { observations: [
 *   { kind: 'diameter', mm: 22.0, instrument: 'caliper' }, { kind: 'scratch', value: 'reddish' }] })
 */
export function identify(catalogue: Catalogue, { observations: seen, region, built }: IdentifyRequest): Identification {
  const observations = withPaint(seen)
  const likelihoods = observations.map(likelihoodOf)
  const weights = catalogue.pipes.map((pipe) =>
    likelihoods.reduce((weight, likelihood) => weight * likelihood(pipe), priorWeight(pipe, region, built)),
  )
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  const weighed: Weighed[] = catalogue.pipes
    .map((pipe, index) => ({
      pipe,
      weight: weights[index]! / total,
      takes: fittingsThatFit(catalogue, pipe).key,
    }))
    .sort((a, b) => b.weight - a.weight)
  const groups = groupsOf(
    weighed
      .filter(({ weight }) => weight >= shownFrom)
      .map(({ pipe, weight }) => {
        const { sure, doubtful, key } = fittingsThatFit(catalogue, pipe)
        return { pipe: pipe.id, label: pipe.label, probability: weight, fits: sure, doubtful, key }
      }),
  )
  const candidates = groups.flatMap((group) => group.candidates).sort((a, b) => b.probability - a.probability)
  const done = new Set(observations.map((observation) => doneKey(observation)))
  const likeliest = weighed[0]!.pipe
  const prints = observations.flatMap((of) => (of.kind === 'print' ? [parsePrintLine(of.text)] : []))
  // Nothing is settled on what every rule doubts, nor on a pipe of which its own print says that it is another.
  const [first] = groups
  const settled = first !== undefined && first.probability >= settledAt && first.fits.length > 0
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
