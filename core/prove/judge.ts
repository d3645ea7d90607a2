import { doubtOf, type Doubt } from './gate'
import { infer, type Proof } from './inference/infer'
import type { ProofQuestion } from './inference/reading-evidence'
import type { Reading } from './readings'
import { isWarmthRead } from './temperature'
import { verdictOf, type ProofVerdict } from './verdict'

/** What is judged: the question, and all readings as they were given, those that were let go too. */
export interface Case {
  readonly question: ProofQuestion
  readonly given: readonly Reading[]
}

export interface Judgement {
  readonly verdict: ProofVerdict
  /** Why nothing is decided though something explains the readings best. */
  readonly doubt: Doubt | null
  /** What explains them; null where the facts do not allow it to be asked. */
  readonly proof: Proof | null
}

/** What the readings of a test say, and never more than the facts allow. */
export function judge({ question, given }: Case): Judgement {
  const { stretches, system } = question
  const facts = { stretches, given, creeps: system.stretches }
  const before = doubtOf({ ...facts, proof: null })
  if (before) return { verdict: 'undecided', doubt: before, proof: null }
  const proof = infer(question)
  const doubt = doubtOf({ ...facts, proof })
  return { verdict: doubt ? 'undecided' : verdictOf(question, proof, isWarmthRead(stretches.flat())), doubt, proof }
}

/** The same case by the readings up to a moment, in seconds; no row of it stands apart, or nothing was decided by all. */
export function upTo({ question }: Case, until: number): Case {
  const early = (readings: readonly Reading[]) => readings.filter(({ seconds }) => seconds <= until)
  return {
    given: [],
    question: { ...question, stretches: question.stretches.map(early).filter(({ length }) => length > 1) },
  }
}

/** The verdict is sought again after so much of the readings. */
const shares = [0.8, 0.6, 0.4, 0.25, 0.15, 0.08]

/** When the verdict stood for good, by the readings up to then: seconds. */
export function decidedAfter(of: Case, verdict: ProofVerdict): number {
  const readings = of.question.stretches.flat()
  const [first, last] = [readings[0]!.seconds, readings.at(-1)!.seconds]
  let after = last
  for (const share of shares) {
    const until = first + share * (last - first)
    if (judge(upTo(of, until)).verdict !== verdict) break
    after = until
  }
  return after
}
