import type { Method } from '../methods/method'
import type { Pipe } from '../catalogue/pipe'
import type { Socket } from '../catalogue/socket'
import type { Condition, Place, Service } from '../job/place'
import type { OwnedTool } from '../workshop/tools'
import type { Profile } from '../workshop/profile'
import type { SettingId } from '../workshop/setting'
import { messagesOf, type Sentences, type Told } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import type { ThreadEnd } from '../catalogue/fitting'
import type { Reason, RuleBasis, VerdictKind } from './verdict'

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

/** A rule by its own account. */
export interface RuleMeta<S extends Sentences = Sentences> {
  readonly id: string
  /** Ids that it had before, under which notes and links still find it. */
  readonly formerly?: readonly string[]
  /** What it says, in one line. */
  readonly statement: string
  readonly why: string
  readonly basis: RuleBasis
  /** The settings of a profile that change it. */
  readonly settings: readonly SettingId[]
  /** Every sentence that it can say. */
  readonly messages: S
}

type Says<S extends Sentences> = <K extends keyof S & string>(message: K, ...told: Told<S[K]>) => Reason

/** How a rule says what it found: each verdict with one of its own sentences. */
export type Saying<S extends Sentences> = Readonly<Record<VerdictKind, Says<S>>> & {
  readonly as: (verdict: VerdictKind) => Says<S>
}

/** The ways in which a rule speaks; made once for each. */
export function sayingOf<S extends Sentences>(meta: Pick<RuleMeta<S>, 'id' | 'basis' | 'messages'>): Saying<S> {
  const message = messagesOf(meta) as (key: string, ...told: unknown[]) => Message
  const as =
    (verdict: VerdictKind): Says<S> =>
    (key, ...told) => ({ ...message(key, ...told), verdict, basis: meta.basis })
  return { fits: as('fits'), caution: as('caution'), refuse: as('refuse'), as }
}

/** A rule of a pipe's end in a fitting. */
export interface Rule {
  readonly meta: RuleMeta
  /** A pure function of the subject; null when the rule has nothing to say. */
  check(subject: JointSubject): Reason | null
}

/** A rule of two threads that meet. */
export interface ThreadRule {
  readonly meta: RuleMeta
  checkThreads(pair: ThreadPair): Reason | null
}

/** A rule of a pipe's end, its sentences typed. */
export function rule<S extends Sentences>(of: {
  readonly meta: RuleMeta<S>
  check(subject: JointSubject, say: Saying<S>): Reason | null
}): Rule {
  const say = sayingOf(of.meta)
  return { meta: of.meta, check: (subject) => of.check(subject, say) }
}

/** A rule of two threads, its sentences typed. */
export function threadRule<S extends Sentences>(of: {
  readonly meta: RuleMeta<S>
  checkThreads(pair: ThreadPair, say: Saying<S>): Reason | null
}): ThreadRule {
  const say = sayingOf(of.meta)
  return { meta: of.meta, checkThreads: (pair) => of.checkThreads(pair, say) }
}
