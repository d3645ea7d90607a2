import { fit, type Fit, type Unknown, type Weighing } from './fit'
import { follow, still, type Supposed } from './forward'
import type { Hypothesis, Seen } from './hypotheses/hypothesis'
import type { Prepared, ReadingEvidence } from './reading-evidence'
import { creepKnown, unknownsOf } from './unknowns'

/** One explanation with one softness supposed, ready to be held against flows of any size. */
export interface Account {
  readonly hypothesis: Hypothesis
  readonly prepared: Prepared
  readonly from: Supposed
  readonly unknowns: readonly Unknown[]
  readonly weighing: Weighing
}

const seenIn = ({ bins }: ReadingEvidence): Seen => {
  const bars = bins.map(({ bar }) => bar)
  return { first: bars[0]!, lowest: Math.min(...bars), highest: Math.max(...bars) }
}

/** All accounts that an explanation can give: one for each softness, and for each place from where its level is sought. */
export function accountsOf(hypothesis: Hypothesis, evidence: ReadingEvidence, among: readonly Prepared[]): Account[] {
  const { exponent, level } = hypothesis
  const sought = level?.(seenIn(evidence))
  return among.flatMap((prepared) =>
    (sought?.starts ?? [0]).map((start): Account => {
      const base = still(prepared.own)
      return {
        hypothesis,
        prepared,
        from: {
          ...base,
          logSofter: Math.log(prepared.supposition.softer),
          creep: prepared.own.creepingWall > 0 ? creepKnown.mean : 0,
          exponent: exponent?.mean ?? base.exponent,
          level: start,
        },
        unknowns: [
          ...unknownsOf(prepared.own, prepared.supposition),
          ...(exponent ? [{ of: 'exponent', ...exponent } as const] : []),
          ...(sought ? [{ of: 'level', ...sought } as const] : []),
        ],
        weighing: weighingOf(prepared, evidence),
      }
    }),
  )
}

/** How readings are held against what follows from a supposition: all but the first of each stretch. */
function weighingOf({ lower }: Prepared, { bins, telling, course }: ReadingEvidence): Weighing {
  const first = bins[0]!.bar
  return {
    bar: telling.map((at) => bins[at]!.bar),
    lower,
    predict: (supposed) => {
      const bar = follow(supposed, first, course)
      const told = new Float64Array(telling.length)
      for (let index = 0; index < told.length; index += 1) told[index] = bar[telling[index]!]!
      return told
    },
  }
}

/** How an account explains the readings with a flow of so many litres a minute, out or in. */
export function weigh(
  { hypothesis, prepared, from, unknowns, weighing }: Account,
  litres: number,
  near?: Supposed,
): Fit {
  const flow = hypothesis.direction === 'in' ? -litres : litres
  const found = fit({ ...(near ?? from), flow }, unknowns, weighing)
  return { ...found, log: found.log + prepared.log }
}
