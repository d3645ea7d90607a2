import type { Catalogue } from '../catalogue/catalogue'
import type { Message } from '../quantity/words/message'
import type { Causes } from './inference/forward'
import type { Expected } from './inference/expected'
import { infer, type Proof } from './inference/infer'
import type { ProofQuestion } from './inference/reading-evidence'
import { testProfileOf } from './profiles'
import { secondsOf, type Limit } from './profile'
import type { ProveRequest } from './prove-schema'
import { gaugeErrorOf, sinceRaised, soundReadings, type Reading } from './readings'
import { proveSays, type NextKind } from './sayings'
import { litresIn, softness, systemOf, type Segment, type TestSystem } from './softness'
import { doubtOf } from './gate'

export type ProofVerdict = 'tight' | 'leak' | 'undecided'

export interface ProofAnswer {
  readonly verdict: ProofVerdict
  /** Chance that it leaks more than the least leak that matters. */
  readonly probability: number
  readonly leak: { readonly mlPerMinute: number; readonly low: number; readonly high: number }
  /** What each did to the pressure since it was last raised, in bar. */
  readonly causes: readonly { readonly cause: keyof Causes; readonly bar: number }[]
  /** What a tight system would show, and between which pressures. */
  readonly expected: readonly Expected[]
  /** By the standard's limits; null while its time is not up, or by looking alone. */
  readonly profile: { readonly passes: boolean | null; readonly limits: readonly Limit[] }
  /** Seconds at which the verdict stood for good; null where there is none. */
  readonly decidedAfter: number | null
  readonly next: { readonly kind: NextKind; readonly message: Message }
}

const mlPerLitre = 1000
/** ml a minute that matter: 0.1 in metal, 1 where plastic stretches; multilayer is held by its metal. */
const leastInMetal = 0.1
const leastInPlastic = 1
/** A leak that costs so much within the profile's time matters, however little it is: bar. */
const leastCost = 0.2

/**
 * The least leak that matters in a system, in litres a minute, where nobody says otherwise: the setting for its pipe, or
 * what costs 0.2 bar within the profile's time where that is less.
 *
 * @param test its profile's time in seconds, and the pressure at first in bar
 * @remarks for instance: 3 m of 15 copper, 0.44 litres, in ten minutes: 0.0006 ml a minute, since that is 0.2 bar there
 */
export function usualLeastLeak(
  system: TestSystem,
  { seconds, bar }: { readonly seconds: number; readonly bar: number },
): number {
  const setting = (system.stretches ? leastInPlastic : leastInMetal) / mlPerLitre
  if (system.air === 1 || seconds === 0) return setting
  return Math.min(setting, (leastCost * softness(system, usualCelsius, bar) * system.litres) / (seconds / 60))
}

/** How warm water in a building is taken to be where nobody measured it. */
const usualCelsius = 15
const fewest = 3
/** So sure a verdict must be: that it leaks, that it does not. */
const [sureOfLeak, sureOfTight] = [0.99, 0.994]
/** The verdict is sought again after so many of the readings. */
const prefixes = [0.08, 0.15, 0.25, 0.4, 0.6, 0.8]
const unmovedKelvin = 0.2

/**
 * What the readings say. Without a temperature, a fall that half a degree could explain is never called a leak, nor a
 * level gauge tight where warming could hide one.
 */
function verdictOf({ readings, leastLeak }: ProofQuestion, proof: Proof, isRead: boolean): ProofVerdict {
  const { chanceAbove, halfKelvin, leastLoss, causes } = proof
  const leaksMore = chanceAbove(leastLeak) > 0.5
  // A leak of about the least is told from none, and from one of twice the size, rather than from itself.
  if (leaksMore && chanceAbove(leastLeak / 2) > sureOfLeak) {
    const fallen = readings[0]!.bar - readings.at(-1)!.bar
    return isRead || fallen + causes.creep > halfKelvin ? 'leak' : 'undecided'
  }
  const isTight = !leaksMore && chanceAbove(2 * leastLeak) < 1 - sureOfTight
  return isTight && (isRead || leastLoss > halfKelvin) ? 'tight' : 'undecided'
}

/** What would decide it soonest, or what comes after the verdict. */
function nextOf(
  { verdict, isTimeUp }: { verdict: ProofVerdict; isTimeUp: boolean },
  proof: Proof,
  question: ProofQuestion,
  isRead: boolean,
): ProofAnswer['next'] {
  const { readings, pumped, knowsAir } = question
  const say = (kind: Exclude<NextKind, 'wait' | 'wait-still'>) => ({ kind, message: proveSays(kind) })
  if (verdict === 'tight') return say(isTimeUp ? 'end' : 'done')
  if (verdict === 'leak') return say('find')
  if (!isRead) return say('read-temperature')
  const elapsed = readings.at(-1)!.seconds - readings[0]!.seconds
  const recent = readings.filter(({ seconds }) => seconds >= readings.at(-1)!.seconds - 600)
  const warmth = recent.map(({ celsius }) => celsius!)
  if (Math.max(...warmth) - Math.min(...warmth) > 2 * unmovedKelvin)
    return { kind: 'wait-still', message: proveSays('wait-still', { seconds: 600 }) }
  if (!pumped && !knowsAir) return say('pump-stroke')
  // Until the least leak that matters shows clear of the gauge's scatter and of what the thermometer leaves open.
  const { scatter, step } = gaugeErrorOf(readings)
  const wanted = 8 * Math.max(scatter, step / 3) + proof.halfKelvin / 2
  const needed = proof.leastLoss > 0 ? (elapsed * wanted) / proof.leastLoss : 0
  const seconds = Math.max(60, needed - elapsed)
  return seconds > 3600 ? say('halve') : { kind: 'wait', message: proveSays('wait', { seconds }) }
}

const undecidedYet = (limits: readonly Limit[], message = proveSays('readings')): ProofAnswer => ({
  verdict: 'undecided',
  probability: 0.5,
  leak: { mlPerMinute: 0, low: 0, high: 0 },
  causes: [],
  expected: [],
  profile: { passes: passesOf(limits), limits },
  decidedAfter: null,
  next: { kind: 'readings', message },
})

/** One that fails fails all; one that is not known leaves it open. */
function passesOf(limits: readonly Limit[]): boolean | null {
  if (limits.some(({ passes }) => passes === false)) return false
  return limits.every(({ passes }) => passes === true) ? true : null
}

type AskedSegments = ProveRequest['system']['segments']

const segmentsOf = (catalogue: Catalogue, segments: AskedSegments): Segment[] =>
  segments.map((of) => {
    const pipe = catalogue.pipe(of.pipe)!
    return { pipe, litres: 'litres' in of ? of.litres : litresIn(pipe, of.metres) }
  })

/** Litres in all that is asked about. */
export const litresAsked = (catalogue: Catalogue, segments: AskedSegments): number =>
  segmentsOf(catalogue, segments).reduce((sum, { litres }) => sum + litres, 0)

/** What is asked about, as one system. @throws RangeError as `systemOf` does */
export const systemAsked = (
  catalogue: Catalogue,
  { system, test }: Pick<ProveRequest, 'system' | 'test'>,
): TestSystem =>
  systemOf(segmentsOf(catalogue, system.segments), test.medium === 'air' ? 'all' : (system.air?.litres ?? 0))

/** Of the pressure that was put on, so much must be left for what comes after to tell anything. */
const leftOver = 0.3

/** The readings in which nobody touched it: from when the profile says so, unless the pressure was gone by then. */
function readingsLeftAlone(sound: readonly Reading[], stillFrom: number): readonly Reading[] {
  const still = sound.filter(({ seconds }) => seconds >= stillFrom)
  const isLeft = (still[0]?.bar ?? 0) >= leftOver * Math.max(0, ...sound.map(({ bar }) => bar))
  return still.length >= fewest && isLeft ? still : sound
}

/**
 * Whether a closed system is tight, by the balance of volume of what is in it: the chance of a leak that matters, its
 * size, what moved the gauge, and what the profile says by its letter.
 *
 * @param request its pipes are in the catalogue
 * @throws RangeError when more air is said to be in it than it holds
 * @remarks for instance: 10 m of 22 copper that cools by 0.4 K and falls by 0.6 bar: tight, though the profile fails it
 */
export function prove(catalogue: Catalogue, request: ProveRequest): ProofAnswer {
  const { test } = request
  const system = systemAsked(catalogue, request)
  const profile = testProfileOf(test)
  const sound = soundReadings(request.readings)
  const limits = profile.limits({ readings: sound, design: test.design, hasPlastic: system.hasPlastic })
  const alone = readingsLeftAlone(sound, profile.meta.stillFrom)
  const asked = { given: request.readings.toSorted((a, b) => a.seconds - b.seconds), creeps: system.stretches }
  const before = doubtOf(alone, { ...asked, proof: null })
  if (before) return undecidedYet(limits, before.message)
  const readings = sinceRaised(alone)
  if (readings.length < fewest || !(readings[0]!.bar > 0)) return undecidedYet(limits)
  const isRead = readings.every(({ celsius }) => celsius !== undefined)
  const question: ProofQuestion = {
    system,
    pumped: request.system.pumped,
    knowsAir: test.medium === 'air' || request.system.air !== undefined,
    leastLeak:
      test.leastLeak === undefined
        ? usualLeastLeak(system, { seconds: secondsOf(profile.meta), bar: readings[0]!.bar })
        : test.leastLeak / mlPerLitre,
    celsius: usualCelsius,
    readings,
  }
  const proof = infer(question)
  const doubt = doubtOf(alone, { ...asked, proof })
  const isTimeUp = readings.at(-1)!.seconds >= secondsOf(profile.meta)
  const verdict = doubt ? 'undecided' : verdictOf(question, proof, isRead)
  return {
    verdict,
    probability: proof.chanceAbove(question.leastLeak),
    leak: {
      mlPerMinute: proof.leak.middle * mlPerLitre,
      low: proof.leak.low * mlPerLitre,
      high: proof.leak.high * mlPerLitre,
    },
    expected: proof.expected,
    causes: (['leak', 'temperature', 'creep', 'air'] as const).map((cause) => ({ cause, bar: proof.causes[cause] })),
    profile: { passes: passesOf(limits), limits },
    decidedAfter: verdict === 'undecided' ? null : decidedAfter(question, verdict, isRead),
    next: doubt ? { kind: 'readings', message: doubt.message } : nextOf({ verdict, isTimeUp }, proof, question, isRead),
  }
}

/** When the verdict stood for good, by the readings up to then: seconds. */
function decidedAfter(question: ProofQuestion, verdict: ProofVerdict, isRead: boolean): number {
  const { readings } = question
  let after = readings.at(-1)!.seconds
  for (const share of prefixes.toReversed()) {
    const count = Math.max(fewest, Math.ceil(share * readings.length))
    const until = { ...question, readings: readings.slice(0, count) }
    if (verdictOf(until, infer(until), isRead) !== verdict) break
    after = until.readings.at(-1)!.seconds
  }
  return after
}
