import type { Proof } from './inference/infer'
import type { ProofQuestion } from './inference/reading-evidence'
import { fallenIn } from './stretches'

/** What the readings of a test say: tight, less than matters runs out, more does, something runs in, or not yet known. */
export const proofVerdicts = ['tight', 'weep', 'leak', 'inflow', 'undecided'] as const
export type ProofVerdict = (typeof proofVerdicts)[number]

/** A verdict as it is said of a line. */
export const verdictWords: Readonly<Record<ProofVerdict, string>> = {
  tight: 'tight',
  weep: 'weeps',
  leak: 'leaking',
  inflow: 'fed from outside',
  undecided: 'undecided',
}

/** So sure a verdict must be: that something runs, that nothing that matters runs out, that none runs in, which is rarer. */
const [sureOfFlow, sureOfTight, sureOfNoInflow] = [0.96, 0.992, 0.996]
/** Beside a chance of a weep above this nothing is called tight. */
const mostWeep = 0.9

/**
 * What the readings say. A gauge whose divisions are coarser than what twice the least leak has cost shows nothing tight.
 * Without a temperature, a fall that half a degree could explain is never called a leak, a level gauge is not tight where
 * warming could hide one, nor a gauge that has risen by more than half a degree makes.
 *
 * @param isRead a thermometer was read
 */
export function verdictOf(
  { stretches }: Pick<ProofQuestion, 'stretches'>,
  proof: Proof,
  isRead: boolean,
): ProofVerdict {
  const { chanceOut, chanceIn, halfKelvin, leastLoss, division, causes } = proof
  const fallen = fallenIn(stretches)
  if (chanceIn(1 / 2) > sureOfFlow) return isRead || -fallen > halfKelvin ? 'inflow' : 'undecided'
  const leaksMore = chanceOut(1) > 0.5
  // A leak of about the least is told from none, and from one of twice the size, rather than from itself.
  if (leaksMore && chanceOut(1 / 2) > sureOfFlow)
    return isRead || fallen + causes.creep > halfKelvin ? 'leak' : 'undecided'
  const isLess = !leaksMore && chanceOut(2) < 1 - sureOfTight && chanceIn(2) < 1 - sureOfNoInflow
  const isWarmthPlain = isRead || (leastLoss > halfKelvin && -fallen < halfKelvin)
  if (!isLess || !isWarmthPlain || 2 * leastLoss < division) return 'undecided'
  const weeps = chanceOut(0)
  if (weeps > sureOfFlow) return 'weep'
  return weeps < mostWeep ? 'tight' : 'undecided'
}
