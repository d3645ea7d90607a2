import type { Basis } from '../quantity/basis'
import { messagesOf, type Sentences, type Told } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import type { OwnTest } from '../workshop/own-test-schema'
import type { Reading } from './readings'

/** A step of a test, as it is done: what is done, how long it is held, and at which pressure. */
export type TestStep = OwnTest['steps'][number]
/** By how much the gauge may fall from one moment to another: seconds, bar. */
export type TestFall = OwnTest['falls'][number]

/**
 * The pressure of a step: a share of the design pressure, no less than the least that is asked for, or so many bar.
 *
 * @param design bar
 * @example stepPressure({ does: 'hold', seconds: 600, share: 1.5 }, 6) // 9
 */
export const stepPressure = ({ share, bar, least = 0 }: TestStep, design: number): number =>
  bar ?? Math.max(share! * design, least)

/** Seconds that a test takes in all. */
export const secondsOf = ({ steps }: Pick<ProfileMeta, 'steps'>): number =>
  steps.reduce((sum, { seconds }) => sum + seconds, 0)

/**
 * Which step of a test it is, and how many seconds of it are left; after the last one their number, and nothing left.
 *
 * @param seconds since it was raised
 * @example stepAt([{ does: 'raise', seconds: 0, share: 1 }, { does: 'hold', seconds: 600, share: 1 }], 150) // { index: 1, left: 450 }
 */
export function stepAt(steps: readonly TestStep[], seconds: number): { readonly index: number; readonly left: number } {
  let until = 0
  for (const [index, step] of steps.entries()) {
    until += step.seconds
    if (seconds < until) return { index, left: Math.ceil(until - seconds) }
  }
  // A look takes as long as it takes.
  return until === 0 ? { index: 0, left: 0 } : { index: steps.length, left: 0 }
}

/** One thing that a profile asks for, against what was read; `null` while it is not known. */
export interface Limit {
  readonly message: Message
  readonly value: number | null
  readonly limit: number | null
  readonly passes: boolean | null
}

export interface TestSubject {
  readonly readings: readonly Reading[]
  /** bar */
  readonly design: number
  readonly hasPlastic: boolean
}

export interface ProfileMeta<S extends Sentences = Sentences> {
  readonly id: string
  readonly name: string
  readonly statement: string
  readonly why: string
  readonly basis: Basis
  /** What it may be filled with. */
  readonly media: readonly ('water' | 'air')[]
  readonly steps: readonly TestStep[]
  readonly falls: readonly TestFall[]
  /** Made by looking alone: seconds between two walks round; nothing where a gauge is read. */
  readonly lookAgainAfter?: number
  /** It comes before a test, and is none by itself. */
  readonly isFirstLook?: true
  /** Seconds from which nobody touches it: what is read before says nothing about leaks. */
  readonly stillFrom: number
  readonly messages: S
}

/** A test under pressure by a code: its steps, and what passes. Local code overrules. */
export interface TestProfile {
  readonly meta: ProfileMeta
  limits(subject: TestSubject): Limit[]
}

/** A profile, its sentences typed. */
export function testProfile<S extends Sentences>(of: {
  readonly meta: ProfileMeta<S>
  limits(subject: TestSubject, say: LimitOf<S>): Limit[]
}): TestProfile {
  const tell = messagesOf(of.meta)
  const say: LimitOf<S> = (message, figures, ...values) => ({ message: tell(message, ...values), ...figures })
  return { meta: of.meta, limits: (subject) => of.limits(subject, say) }
}

type Figures = Omit<Limit, 'message'>
export type LimitOf<S extends Sentences> = <K extends keyof S & string>(
  message: K,
  figures: Figures,
  ...values: Told<S[K]>
) => Limit

/** Readings so near are of one moment, in seconds. */
const near = 20

/** The pressure at a moment: the mean of what was read about it; null where the readings do not reach it. */
export function pressureAt(readings: readonly Reading[], seconds: number): number | null {
  const last = readings.at(-1)
  if (!last || last.seconds < seconds - near || readings[0]!.seconds > seconds + near) return null
  const about = readings.filter((of) => Math.abs(of.seconds - seconds) <= near)
  if (about.length > 0) return about.reduce((sum, { bar }) => sum + bar, 0) / about.length
  const after = readings.findIndex((of) => of.seconds > seconds)
  const [one, other] = [readings[after - 1]!, readings[after]!]
  return one.bar + ((other.bar - one.bar) * (seconds - one.seconds)) / (other.seconds - one.seconds)
}

/** The pressure to which it was raised: the most that was read within a minute of a moment; null where nothing was. */
export function raisedTo(readings: readonly Reading[], seconds: number): number | null {
  const about = readings.filter((of) => Math.abs(of.seconds - seconds) <= 60).map(({ bar }) => bar)
  return about.length > 0 ? Math.max(...about) : null
}

/** What a gauge of the usual kind tells apart, in bar. */
const shown = 0.01

/** By how much the pressure fell from one moment to another, as a gauge shows it, in bar; null where that is not known. */
export function fall(readings: readonly Reading[], from: number, to: number): number | null {
  const [before, after] = [pressureAt(readings, from), pressureAt(readings, to)]
  return before === null || after === null ? null : Math.round((before - after) / shown) * shown
}

/** A fall against the most that passes. */
export const atMost = (value: number | null, limit: number): Figures => ({
  value,
  limit,
  passes: value === null ? null : value <= limit + 1e-9,
})
/** A pressure against the least that is asked for, as a gauge shows it. */
export const atLeast = (value: number | null, limit: number): Figures => ({
  value,
  limit,
  passes: value === null ? null : value >= limit - shown - 1e-9,
})
