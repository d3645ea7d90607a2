import type { Leg } from '../job/job'

/** A node that is reached: from where, and by which leg; neither at the start. */
export interface Step {
  readonly node: string
  readonly from: string | null
  readonly leg: Leg | null
}

/**
 * The nodes that can be reached from one of them, each once, near ones first: what is fewer legs away comes earlier.
 *
 * @param goes whether a leg is walked along; all are, without it
 */
export function* walk(
  arms: ReadonlyMap<string, readonly { readonly leg: Leg }[]>,
  start: string,
  goes: (leg: Leg) => boolean = () => true,
): Generator<Step> {
  const seen = new Set([start])
  const open: Step[] = [{ node: start, from: null, leg: null }]
  for (const step of open) {
    yield step
    for (const { leg } of arms.get(step.node) ?? []) {
      const node = leg.from === step.node ? leg.to : leg.from
      if (seen.has(node) || !goes(leg)) continue
      seen.add(node)
      open.push({ node, from: step.node, leg })
    }
  }
}
