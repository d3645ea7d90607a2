import type { Pipe } from '../catalogue/pipe'
import { likelihoodOf } from './likelihood'
import { lookKinds, lookValues } from '../job/look'
import type { Observation } from '../job/observation'
import type { Message } from '../quantity/words/message'
import { checkSays } from './sayings'

export interface NextCheck {
  readonly kind: Observation['kind']
  /** Expected drop in the uncertainty of what fits, in bits. */
  readonly gain: number
  readonly seconds: number
  /** How it is done. */
  readonly why: Message
}

/** A pipe, how likely it is, and the key of what it takes. */
export interface Weighed {
  readonly pipe: Pipe
  readonly weight: number
  readonly takes: string
}

const seconds: Readonly<Record<Observation['kind'], number>> = {
  place: 2,
  colour: 3,
  magnet: 5,
  tap: 4,
  feel: 6,
  'cut-end': 8,
  stripe: 8,
  scratch: 12,
  print: 20,
  diameter: 15,
  circumference: 25,
  wall: 20,
  joint: 6,
  gauge: 12,
}

function entropyOf(candidates: readonly Weighed[], weightOf: (index: number) => number): number {
  const byTakes = new Map<string, number>()
  let total = 0
  candidates.forEach(({ takes }, index) => {
    const weight = weightOf(index)
    total += weight
    byTakes.set(takes, (byTakes.get(takes) ?? 0) + weight)
  })
  let entropy = 0
  for (const weight of byTakes.values()) if (weight > 0) entropy -= (weight / total) * Math.log2(weight / total)
  return entropy
}

/** What may be read: for a look its answers, for a measure what each candidate would show on average. */
function outcomesOf(kind: Observation['kind'], candidates: readonly Weighed[]): Observation[] {
  const look = lookKinds.find((known) => known === kind)
  if (look) return lookValues[look].map((value) => ({ kind: look, value }))
  const distinct = (of: (pipe: Pipe) => number) => [...new Set(candidates.map(({ pipe }) => of(pipe)))]
  if (kind === 'wall') return distinct((pipe) => pipe.wall).map((mm) => ({ kind: 'wall', mm }))
  if (kind === 'circumference')
    return distinct((pipe) => pipe.od * Math.PI).map((mm) => ({ kind: 'circumference', mm }))
  return distinct((pipe) => pipe.od).map((mm) => ({ kind: 'diameter', mm, instrument: 'caliper' }))
}

function expectedEntropy(kind: Observation['kind'], candidates: readonly Weighed[]): number {
  const outcomes = outcomesOf(kind, candidates).map((outcome) => {
    const likelihood = likelihoodOf(outcome)
    return candidates.map(({ pipe }) => likelihood(pipe))
  })
  // Each candidate's likelihoods over the outcomes are scaled to one, so that measures and looks compare.
  const scale = candidates.map((_, index) => outcomes.reduce((sum, row) => sum + row[index]!, 0))
  return outcomes.reduce((expected, row) => {
    const weightOf = (index: number) => candidates[index]!.weight * (row[index]! / scale[index]!)
    const share = candidates.reduce((sum, _, index) => sum + weightOf(index), 0)
    return share > 0 ? expected + share * entropyOf(candidates, weightOf) : expected
  }, 0)
}

/** A legible print line nearly always decides; half of them are worn or hidden. */
const printDecides = 0.5

const measured: Observation['kind'][] = ['diameter', 'circumference', 'wall']
const askable: Observation['kind'][] = [...lookKinds, ...measured]

/**
 * What to look at next: the checks not yet made, the one with the greatest expected gain per second first.
 *
 * @param candidates with weights that sum to one; a few dozen of the likeliest are enough
 * @param done the kinds already taken; a rough measure may still be followed by a caliper
 * @returns nothing when no check is expected to tell more than a hundredth of a bit
 */
export function nextChecks(candidates: readonly Weighed[], done: ReadonlySet<string>): NextCheck[] {
  const now = entropyOf(candidates, (index) => candidates[index]!.weight)
  const check = (kind: Observation['kind'], gain: number): NextCheck => ({
    kind,
    gain,
    seconds: seconds[kind],
    why: checkSays(kind),
  })
  const checks = askable
    .filter((kind) => !done.has(kind) && !(kind === 'circumference' && done.has('diameter')))
    .map((kind) => check(kind, now - expectedEntropy(kind, candidates)))
  if (!done.has('print')) checks.push(check('print', now * printDecides))
  return checks.filter(({ gain }) => gain > 0.01).sort((a, b) => b.gain / b.seconds - a.gain / a.seconds)
}
