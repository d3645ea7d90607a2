import { creepPrior, nudge } from './expected'
import { follow, type Supposed } from './forward'
import { likelihoodWith, whitened } from './gaussian'
import type { Prepared, ReadingEvidence } from './reading-evidence'

/** How a leak explains the readings, with the softness and the creep that explain them best beside it. */
export interface Explanation {
  readonly log: number
  readonly supposed: Supposed
  /** What it leaves unexplained, in standard deviations. */
  readonly left: Float64Array
  /** So many figures were fitted beside the leak. */
  readonly slacks: number
}
export interface Weighed {
  /** Litres a minute at the first pressure. */
  readonly leak: number
  /** Logarithm of its chance, up to what is the same for all. */
  readonly log: number
  readonly best: Explanation
}

/** How likely the readings are with a leak: over all that is supposed of the softness, and with the best of it. */
export function weigh(leak: number, evidence: ReadingEvidence): Weighed {
  const found = evidence.prepared.map((prepared) => explained(leak, prepared, evidence))
  const best = found.reduce((one, other) => (other.log > one.log ? other : one))
  const sum = found.reduce((before, { log }) => before + Math.exp(log - best.log), 0)
  return { leak, log: best.log + Math.log(sum), best }
}

/** With one softness supposed: how far softness and creep are off is fitted, each as far as it may be. */
function explained(leak: number, { supposition, own, lower, log }: Prepared, evidence: ReadingEvidence): Explanation {
  const { bar, stretches } = evidence
  const base: Supposed = {
    system: own,
    softer: supposition.softer,
    leak,
    creep: own.hasPlastic ? creepPrior.mean : 0,
  }
  const predict = (more: Partial<Supposed>) => follow({ ...base, ...more }, bar[0]!, stretches).bar
  const predicted = predict({})
  const slope = (moved: readonly number[], by: number) => moved.map((value, at) => (value - predicted[at]!) / by)
  const softer = slope(predict({ softer: base.softer * (1 + nudge) }), Math.log(1 + nudge))
  const slacks = [{ along: whitened(lower, softer), mean: 0, deviation: supposition.spread }]
  if (own.hasPlastic) {
    const creeping = slope(predict({ creep: base.creep + nudge }), nudge)
    slacks.push({ along: whitened(lower, creeping), mean: 0, deviation: creepPrior.deviation })
  }
  const residual = whitened(
    lower,
    bar.map((value, at) => value - predicted[at]!),
  )
  const fitted = likelihoodWith(residual, slacks)
  const [off = 0, creepOff = 0] = fitted.off
  return {
    log: supposition.log + log + fitted.log,
    supposed: { ...base, softer: base.softer * Math.exp(off), creep: Math.max(0, base.creep + creepOff) },
    left: residual.map((value, at) =>
      slacks.reduce((sum, { along }, which) => sum - along[at]! * (fitted.off[which] ?? 0), value),
    ),
    slacks: slacks.length,
  }
}
