import type { Catalogue } from '../catalogue/catalogue'
import type { PipeStock } from '../cut/lay-pieces'
import type { Job } from '../job/job'
import { sayingOf, type RuleMeta, type Saying } from '../join/rule'
import type { VerdictKind } from '../join/verdict'
import type { CutIn } from '../pipework/cut-ins'
import type { PlanPiece } from '../pipework/planned'
import type { ResolvedSystem } from '../pipework/resolve'
import type { LegClips } from '../support/clips-of-leg'
import type { Sentences } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import type { ClosingError } from '../run/closing'
import type { RunNames } from '../run/names'

/** One system of a plan: what a check looks at. */
export interface SystemSubject extends ResolvedSystem {
  readonly catalogue: Catalogue
  readonly job: Job
  /** By run. */
  readonly names: ReadonlyMap<string, RunNames>
  readonly supports: readonly LegClips[]
  readonly closing: readonly ClosingError[]
  readonly cutIns: readonly CutIn[]
}

/** The steps of the work that a check belongs to. */
export const checkedSteps = ['join', 'route', 'cut', 'make'] as const
export type CheckedStep = (typeof checkedSteps)[number]

export interface CheckMeta<S extends Sentences = Sentences> extends RuleMeta<S> {
  /** The step in which it is put right. */
  readonly step: CheckedStep
  /** A caution of it is something still to be done, not a reservation to live with. */
  readonly todo: boolean
}

/** What was found in a plan, and where. */
export interface PlanCheck extends Message {
  readonly verdict: VerdictKind
  /** Where in the job, by the names that people point with. */
  readonly where: string
  readonly run: string
  readonly node?: string
  readonly leg?: string
}

/** Where a check points. */
export interface CheckPlace {
  readonly where: string
  readonly run: string
  readonly node?: string
  readonly leg?: string
}

/** A check of one run. */
export interface CheckRule {
  readonly meta: CheckMeta
  check(subject: SystemSubject): PlanCheck[]
}

/** A check of what all runs together are cut from. */
export interface StockRule {
  readonly meta: CheckMeta
  checkStock(stock: readonly PipeStock[]): PlanCheck[]
}

/** What was found, at its place. */
export const atPlace = (
  place: CheckPlace,
  { verdict, rule, message, values }: Message & { verdict: VerdictKind },
): PlanCheck => ({
  verdict,
  rule,
  message,
  values,
  ...place,
})

/** A check of one run, its sentences typed. */
export function checkRule<S extends Sentences>(of: {
  readonly meta: CheckMeta<S>
  check(subject: SystemSubject, say: Saying<S>): PlanCheck[]
}): CheckRule {
  const say = sayingOf(of.meta)
  return { meta: of.meta, check: (subject) => of.check(subject, say) }
}

export function nodePlace({ layout, names }: SystemSubject, node: string): CheckPlace {
  const { run } = layout.node.get(node)!
  const of = names.get(run)!
  return { run, node, where: `${of.run}, ${of.node(node)}` }
}

export const piecePlace = ({ names }: SystemSubject, { id, run, legs }: PlanPiece): CheckPlace => ({
  run,
  leg: legs[0],
  where: `${names.get(run)!.run}, piece ${id}`,
})

export function legPlace({ layout, names }: SystemSubject, leg: string, more = 0): CheckPlace {
  const { run } = layout.leg.get(leg)!
  const of = names.get(run)!
  return { run, leg, where: `${of.run}, ${of.leg(leg)}${more > 0 ? ` and ${more} more` : ''}` }
}
