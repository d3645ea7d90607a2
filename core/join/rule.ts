import type { Basis } from '../quantity/basis'
import type { Method } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import type { Socket } from '../catalogue/socket'
import type { Condition, OwnedTool, Place, Service } from '../job/place'
import type { Profile } from '../job/profile'
import type { SettingId } from '../job/setting'
import type { ThreadEnd } from './fitting'
import type { VerdictKind } from './verdict'

/** One pipe end and one method, in one place: what a rule looks at. */
export interface JointSubject {
  readonly pipe: Pipe
  readonly method: Method
  /** The fitting's end that the pipe would go into; undefined where the method has none of that size. */
  readonly socket: Socket | undefined
  readonly service: Service
  readonly place: Place
  readonly condition: Condition
  /** The tools that are owned; undefined when nothing was said. */
  readonly tools: readonly OwnedTool[] | undefined
  readonly profile: Profile
  /** The pipe on the other side of the transition; undefined where the joint is looked at alone. */
  readonly other: Pipe | undefined
}

/** A male thread and the female one that it goes into. */
export interface ThreadPair {
  readonly male: ThreadEnd
  readonly female: ThreadEnd
}

export interface RuleMeta {
  readonly id: string
  /** What it says, in one line. */
  readonly statement: string
  readonly why: string
  readonly basis: Basis | 'trade practice'
  /** The settings of a profile that change it. */
  readonly settings: readonly SettingId[]
}

/** What a rule found: nothing, or a verdict with its text. */
export interface Finding {
  readonly verdict: VerdictKind
  readonly text: string
}

/** A rule of a pipe's end in a fitting. */
export interface Rule {
  readonly meta: RuleMeta
  /** A pure function of the subject; null when the rule has nothing to say. */
  check(subject: JointSubject): Finding | null
}

/** A rule of two threads that meet. */
export interface ThreadRule {
  readonly meta: RuleMeta
  checkThreads(pair: ThreadPair): Finding | null
}

export const refuse = (text: string): Finding => ({ verdict: 'refuse', text })
export const caution = (text: string): Finding => ({ verdict: 'caution', text })
export const fits = (text: string): Finding => ({ verdict: 'fits', text })
