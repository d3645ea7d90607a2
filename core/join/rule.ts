import type { Basis } from '../quantity/basis'
import type { Method, MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import type { Socket } from '../catalogue/socket'
import type { Condition, Place, Service } from '../job/place'
import type { Profile } from '../job/profile'
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
  /** The methods whose tools are owned; undefined when nothing was said. */
  readonly tools: readonly MethodId[] | undefined
  readonly profile: Profile
}

export interface RuleMeta {
  readonly id: string
  /** What it says, in one line. */
  readonly statement: string
  readonly why: string
  readonly basis: Basis | 'trade practice'
  /** The settings of a profile that change it. */
  readonly settings: readonly (keyof Profile)[]
}

/** What a rule found: nothing, or a verdict with its text. */
export interface Finding {
  readonly verdict: VerdictKind
  readonly text: string
}

export interface Rule {
  readonly meta: RuleMeta
  /** A pure function of the subject; null when the rule has nothing to say. */
  check(subject: JointSubject): Finding | null
}

export const refuse = (text: string): Finding => ({ verdict: 'refuse', text })
export const caution = (text: string): Finding => ({ verdict: 'caution', text })
export const fits = (text: string): Finding => ({ verdict: 'fits', text })
