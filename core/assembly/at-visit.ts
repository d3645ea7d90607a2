import type { PartOfJob } from '../job/visit-runs'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { AssemblyQuestion } from './question'

/** Which of these are in some runs. */
export function inRuns<Of extends { readonly run: string }>(of: readonly Of[], runs: readonly string[]): Of[] {
  const all = new Set(runs)
  return of.filter(({ run }) => all.has(run))
}

/**
 * The question of one of several visits: what earlier ones have made stands in its place. Where that hangs on existing
 * pipe it has water by now, and to join it the water is off; else it is dry.
 *
 * @param joints those of the whole plan, each with its run
 * @remarks for instance: a run roughed in from a tie-in, and its branch at the second visit: the branch's tee has water
 */
export function questionAtVisit(
  question: AssemblyQuestion,
  joints: readonly { readonly id: string; readonly run: string }[],
  { runs, before }: Omit<PartOfJob, 'visit'>,
): AssemblyQuestion {
  const idsIn = (of: readonly string[]) => new Set(inRuns(joints, of).map(({ id }) => id))
  const [now, earlier] = [idsIn(runs), idsIn(before)]
  const made = question.joints.filter(({ id }) => earlier.has(id))
  const sets = new DisjointSets()
  for (const { parts } of made) sets.tie(...parts)
  const wet = new Set([...question.fixed].map((part) => sets.root(part)))
  const there = [...new Set(made.flatMap(({ parts }) => parts))]
  const isWet = (part: string) => wet.has(sets.root(part))
  return {
    ...question,
    joints: question.joints.filter(({ id }) => now.has(id)),
    made,
    fixed: new Set([...question.fixed, ...there.filter(isWet)]),
    stands: new Set(there.filter((part) => !isWet(part))),
  }
}
