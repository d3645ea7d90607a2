import type { Identification } from '~~/core/survey/identify'
import type { JoinAnswer } from '~~/core/join/join'
import type { ProofAnswer } from '~~/core/prove/prove'
import type { Plan } from '~~/core/plan/types'
import type { JobRecord } from '~~/core/record/record'
import type { Message } from '~~/core/quantity/words/message'
import type { Units } from '~~/core/quantity/units'
import { speakerIn } from '~~/core/speech'

/** A message, or null, in words; nothing where there is none. */
const text = (message: Message | null, units: Units): string => (message ? speakerIn(units).tell(message) : '')

/** Messages with their words beside their data. */
const told = <M extends Message>(messages: readonly M[], units: Units) =>
  messages.map((message) => ({ ...message, text: text(message, units) }))

/** A plan as it is answered: every message with its words, in the units of its job. */
export const spokenPlan = (plan: Plan, units: Units) => ({
  ...plan,
  pieces: plan.pieces.map((piece) => ({ ...piece, missing: text(piece.missing, units) })),
  joints: plan.joints.map((joint) => ({ ...joint, reasons: told(joint.reasons, units) })),
  supports: plan.supports.map((support) => ({
    ...support,
    notes: told(support.notes, units),
    missing: [support.unknown, ...support.notes.filter(({ verdict }) => verdict === 'caution')]
      .map((message) => text(message, units))
      .filter(Boolean)
      .join('; '),
    basis: support.spacing
      ? `at most ${speakerIn(units).length(support.spacing.mm)} apart, ${support.spacing.basis}${support.onTimber ? ', on joists or studs' : ''}`
      : '',
  })),
  checks: told(plan.checks, units),
})

export const spokenIdentification = (answer: Identification, units: Units) => ({
  ...answer,
  contradictions: answer.contradictions.map((message) => text(message, units)),
  warnings: answer.warnings.map((message) => text(message, units)),
  next: answer.next.map((check) => ({ ...check, why: text(check.why, units) })),
})

export const spokenJoin = ({ ends, chains, none }: JoinAnswer, units: Units) => {
  const verdicts = (of: JoinAnswer['ends']['a']) =>
    of.map((verdict) => ({ ...verdict, reasons: told(verdict.reasons, units) }))
  return {
    ends: { a: verdicts(ends.a), b: verdicts(ends.b) },
    chains: chains.map((chain) => ({ ...chain, joints: verdicts(chain.joints) })),
    none: none && text(none, units),
  }
}

/** A proof as it is answered: its limits and what comes next in words. */
export const spokenProof = ({ profile, next, ...proof }: ProofAnswer, units: Units) => ({
  ...proof,
  profile: {
    ...profile,
    limits: profile.limits.map(({ message, ...limit }) => ({ text: text(message, units), ...limit })),
  },
  next: { ...(next.asks ? { asks: next.asks } : {}), kind: next.kind, text: text(next.message, units) },
})

/** A record as it is answered: what it lacks, its cautions and its proofs in words. */
export const spokenRecord = ({ missing, cautions, owner, tests, ...record }: JobRecord, units: Units) => ({
  ...record,
  missing: missing.map(({ message, ...gap }) => ({ text: text(message, units), rule: message.message, ...gap })),
  cautions: told(cautions, units),
  owner: owner.map((message) => text(message, units)),
  tests: tests.map(({ proof, notes, ...test }) => ({
    ...test,
    proof: proof && spokenProof(proof, units),
    notes: told(notes, units),
  })),
})
export type SpokenRecord = ReturnType<typeof spokenRecord>
