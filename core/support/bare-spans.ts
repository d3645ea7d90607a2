import type { Leg } from '../job/job'
import type { Layout } from '../run/layout'
import { walk } from '../run/walk'
import type { LegClips } from './clips-of-leg'
import { drawnLength } from '../job/system'

/** Pipe between clips that leads through at least one node. */
export interface BareSpan {
  /** The legs that the two ends of the span lie on. */
  readonly legs: readonly string[]
  /** Legs in it that have no clip of their own. */
  readonly short: readonly string[]
  /** The longest way from clip to clip along the pipe, in mm. */
  readonly length: number
  /** The least of the greatest distances of its legs, in mm. */
  readonly most: number
}

/** Where a span ends: at a clip so far along a leg, or at what holds a run's end. */
interface SpanEnd {
  readonly node: string
  readonly beyond: number
  readonly leg: string
  readonly most: number
}

/** Nodes that are joined by legs without clips, from one of them on. */
interface Cluster {
  readonly nodes: ReadonlySet<string>
  readonly legs: readonly Leg[]
}

function clusterAt({ arms }: Layout, start: string, hasClips: (leg: Leg) => boolean): Cluster {
  const steps = [...walk(arms, start, (leg) => !hasClips(leg))]
  return { nodes: new Set(steps.map(({ node }) => node)), legs: steps.flatMap(({ leg }) => leg ?? []) }
}

/** How far every node of a cluster is from one of them, along its legs without clips. */
function distances({ arms }: Layout, cluster: Cluster, start: string): Map<string, number> {
  const found = new Map<string, number>()
  for (const { node, from, leg } of walk(arms, start, (leg) => cluster.legs.includes(leg))) {
    found.set(node, from === null ? 0 : found.get(from)! + drawnLength(leg!))
  }
  return found
}

/**
 * What is bare between clips round the corners of a run: for each corner, or each group of legs without clips, the
 * longest way from clip to clip along the pipe. A run's own ends count as held by what they end on. Where the clips of a
 * leg are not known, nothing is said of the corners at its ends.
 *
 * @remarks for instance: clips 130 before and 130 after an elbow: 260
 */
export function bareSpans(layout: Layout, clips: readonly LegClips[]): BareSpan[] {
  const ofLeg = new Map(clips.map((of) => [of.leg, of]))
  const hasClips = (leg: Leg): boolean => ofLeg.get(leg.id)!.at.length > 0
  const seen = new Set<string>()
  const spans: BareSpan[] = []
  for (const { id } of layout.system.nodes) {
    if (seen.has(id)) continue
    const cluster = clusterAt(layout, id, hasClips)
    for (const node of cluster.nodes) seen.add(node)
    const arms = [...cluster.nodes].flatMap((node) => (layout.arms.get(node) ?? []).map(({ leg }) => ({ node, leg })))
    if (arms.some(({ leg }) => ofLeg.get(leg.id)!.unknown !== null)) continue
    const ends = arms.flatMap(({ node, leg }): SpanEnd[] => {
      const { at, spacing } = ofLeg.get(leg.id)!
      const most = spacing?.mm ?? Infinity
      const isEnd = layout.arms.get(node)!.length === 1
      if (at.length === 0) return isEnd ? [{ node, beyond: 0, leg: leg.id, most }] : []
      return [{ node, beyond: leg.from === node ? at[0]! : drawnLength(leg) - at.at(-1)!, leg: leg.id, most }]
    })
    if (ends.length < 2) continue
    // In a tree the way from the end that is farthest from any, to the one farthest from that, is the longest of all.
    const farthest = (from: SpanEnd): { end: SpanEnd; length: number } => {
      const away = distances(layout, cluster, from.node)
      return ends
        .filter((end) => end !== from)
        .map((end) => ({ end, length: from.beyond + (away.get(end.node) ?? 0) + end.beyond }))
        .reduce((best, found) => (found.length > best.length ? found : best))
    }
    const one = farthest(ends[0]!).end
    const { end: other, length } = farthest(one)
    spans.push({
      legs: [one.leg, other.leg],
      short: cluster.legs.map((leg) => leg.id),
      length,
      most: Math.min(...arms.map(({ leg }) => ofLeg.get(leg.id)!.spacing?.mm ?? Infinity)),
    })
  }
  return spans
}
