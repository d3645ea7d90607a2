import { shippedCatalogue as catalogue } from '../core/catalogue/catalogue'
import type { Pipe } from '../core/catalogue/pipe'
import { fittingsThatFit } from '../core/survey/fittings-that-fit'
import { identify, type Identification } from '../core/survey/identify'
import { readingError } from '../core/survey/likelihood'
import { answerShare } from '../core/survey/look-likelihood'
import { priorWeight } from '../core/survey/prior'
import { lookKinds, lookValues } from '../core/job/look'
import { regions, type Observation, type Region } from '../core/job/observation'
import { normal } from '../core/quantity/normal'
import { randomStream } from '../core/quantity/random-stream'
import { drawn } from './random'

const inspections = 2000
const mostChecks = 12

interface Inspection {
  readonly pipe: Pipe
  readonly region: Region
  /** What an inspector would read of this pipe, with the errors of his instruments. */
  see(kind: Observation['kind']): Observation | null
}

function inspect(random: () => number): Inspection {
  const region = regions[Math.floor(random() * regions.length)]!
  const pipe = drawn(random, catalogue.pipes, (of) => priorWeight(of, region, undefined))
  const od = normal(random, pipe.od, pipe.odTolerance / 2)
  return {
    pipe,
    region,
    see(kind) {
      const look = lookKinds.find((known) => known === kind)
      if (look) {
        const value = drawn(random, lookValues[look], (answer) => answerShare(pipe, look, answer))
        return { kind: look, value }
      }
      if (kind === 'diameter') return { kind, mm: normal(random, od, readingError.caliper / 2), instrument: 'caliper' }
      if (kind === 'circumference') return { kind, mm: normal(random, od * Math.PI, readingError.circumference / 2) }
      if (kind === 'wall')
        return { kind, mm: normal(random, pipe.wall, Math.hypot(readingError.wall, pipe.wall * 0.05) / 2) }
      // Half of all print lines are worn or hidden.
      if (random() < 0.5) return null
      const material = pipe.material === 'multilayer' ? 'PE-X/AL/PE-X' : pipe.material.toUpperCase()
      return {
        kind: 'print',
        text: `${material} ${pipe.standard} ${pipe.nominal}${pipe.family === 'metric' ? `x${pipe.wall}` : ' IN'}`,
      }
    },
  }
}

/** Every fitting that the first line offers goes on the pipe: what is bought fits. */
const allGoOn = (answer: Identification, pipe: Pipe): boolean => {
  const offered = answer.groups[0]?.fits ?? []
  const { sure, doubtful } = fittingsThatFit(catalogue, pipe)
  const taken = new Set([...sure, ...doubtful])
  return offered.length > 0 ? offered.every((fitting) => taken.has(fitting)) : taken.size === 0
}
const isRight = (answer: Identification, pipe: Pipe): boolean => {
  const [first] = answer.groups
  const likeliest = first && catalogue.pipe(first.candidates[0]!.pipe)
  return likeliest !== undefined && fittingsThatFit(catalogue, likeliest).key === fittingsThatFit(catalogue, pipe).key
}

/** Checks as proposed, one after the other, until what fits is settled. */
function followAdvice(
  inspection: Inspection,
  first: readonly Observation[],
): { answer: Identification; checks: number } {
  const observations = [...first]
  const unreadable = new Set<string>()
  let checks = 0
  for (;;) {
    const answer = identify(catalogue, { observations, region: inspection.region })
    const next = answer.next.find(({ kind }) => !unreadable.has(kind))
    if (!next || checks === mostChecks) return { answer, checks }
    checks += 1
    const seen = inspection.see(next.kind)
    if (seen) observations.push(seen)
    else unreadable.add(next.kind)
  }
}

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`

/** Simulated inspections: how often the answer, by what fits, is right; how many checks it takes; whether it knows. */
export function benchIdentify(): void {
  const random = randomStream(20261123)
  let right = 0
  let fits = 0
  let rightByAdvice = 0
  let checks = 0
  let sure = 0
  let sureAndRight = 0
  const count = (answer: Identification, pipe: Pipe) => {
    if ((answer.groups[0]?.probability ?? 0) < 0.9) return
    sure += 1
    if (isRight(answer, pipe)) sureAndRight += 1
  }
  for (let number = 0; number < inspections; number++) {
    const inspection = inspect(random)
    const look = (kinds: readonly Observation['kind'][]) => kinds.flatMap((kind) => inspection.see(kind) ?? [])
    const measured = identify(catalogue, {
      observations: look(['diameter', 'wall', 'cut-end', 'feel']),
      region: inspection.region,
    })
    if (isRight(measured, inspection.pipe)) right += 1
    if (allGoOn(measured, inspection.pipe)) fits += 1
    count(measured, inspection.pipe)
    const advised = followAdvice(inspection, look(['circumference', 'colour']))
    if (isRight(advised.answer, inspection.pipe)) rightByAdvice += 1
    checks += advised.checks
    count(advised.answer, inspection.pipe)
  }
  console.log(`${inspections} simulated inspections, right by what fits:`)
  console.log(`  caliper (across, wall), cut end, feel:  ${percent(fits / inspections)} all that is offered goes on`)
  console.log(
    `                                          ${percent(right / inspections)} and nothing that goes on is left out`,
  )
  console.log(
    `  string and colour, then as advised:     ${percent(rightByAdvice / inspections)} after ${(checks / inspections).toFixed(1)} checks`,
  )
  console.log(`  of answers given with 90 % or more:     ${percent(sureAndRight / sure)} are right (${sure} answers)`)
}
