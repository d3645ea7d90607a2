import { materialFacts } from '../catalogue/tables/materials'
import { isPlastic, materialKey } from '../catalogue/material'
import type { Catalogue } from '../catalogue/catalogue'
import type { Pipe } from '../catalogue/pipe'
import { setLeg } from '../job/edit-run'
import type { Job, Leg } from '../job/job'
import type { Layout } from '../route/layout'
import { expansion, freeLegConstants, type Expansion } from './expansion'
import type { LegClips } from './leg-clips'

/** A straight stretch that grows, and the free legs square to its ends. */
export interface Growing extends Expansion {
  /** Its legs, in line. */
  readonly legs: readonly string[]
  /** mm from end to end. */
  readonly length: number
  /** Free leg at either end, to the next clip, in mm; 0 where it is held by what it ends on, null where it just ends. */
  readonly free: readonly [number | null, number | null]
  /** One free end that gives enough is enough. */
  readonly enough: boolean
  /** At either end the legs that turn off there, and could give if no clip stood too near. */
  readonly turning: readonly [Turning, Turning]
}

/** Legs that turn off at the end of a stretch that grows. */
export interface Turning {
  readonly node: string
  readonly legs: readonly string[]
  /** Length of the shortest of them, in mm; 0 where there is none. */
  readonly length: number
}

const inLine = 0.999

function constantOf({ material }: Pipe): number {
  if (material === 'multilayer') return freeLegConstants.multilayer
  return isPlastic(material) ? freeLegConstants.pex : freeLegConstants.copper
}

/** From a node along the legs in line with one of its arms: the legs, and the node where they end. */
function follow(layout: Layout, leg: Leg, from: string): { legs: Leg[]; end: string } {
  const legs: Leg[] = []
  let [at, last] = [from, leg]
  for (;;) {
    const arms = layout.arms.get(at) ?? []
    const back = arms.find((arm) => arm.leg === last)!.away
    const next = arms.find(
      ({ leg: other, away }) => other !== last && back[0] * away[0] + back[1] * away[1] + back[2] * away[2] < -inLine,
    )
    if (!next) return { legs, end: at }
    legs.push(next.leg)
    at = next.leg.from === at ? next.leg.to : next.leg.from
    last = next.leg
  }
}

function turningAt(layout: Layout, node: string, stretch: ReadonlySet<Leg>): Turning {
  const legs = (layout.arms.get(node) ?? []).flatMap(({ leg }) => (stretch.has(leg) ? [] : [leg]))
  return {
    node,
    legs: legs.map(({ id }) => id),
    length: legs.length > 0 ? Math.min(...legs.map(({ length }) => length)) : 0,
  }
}

/**
 * The job with clips kept off the legs that turn off at a node, as far as a free leg must reach.
 *
 * @param mm free leg, from the node's centre; kept to the tenth, never less than is needed
 */
export function keepClipsOff(job: Job, runId: string, { node, legs }: Turning, mm: number): Job {
  const kept = Math.ceil(mm * 10) / 10
  return legs.reduce((changed, id) => {
    const leg = changed.runs.find((run) => run.id === runId)?.legs.find((of) => of.id === id)
    if (!leg) return changed
    return setLeg(changed, runId, id, { free: { ...leg.free, [leg.from === node ? 'start' : 'end']: kept } })
  }, job)
}

/** The shortest free length of the legs that turn off at a node, to their first clip; 0 where it is held, null where it just ends. */
function freeAt(
  layout: Layout,
  node: string,
  stretch: ReadonlySet<Leg>,
  clips: ReadonlyMap<string, LegClips>,
): number | null {
  const lengths = (layout.arms.get(node) ?? [])
    .filter(({ leg }) => !stretch.has(leg))
    .map(({ leg }) => {
      const at = clips.get(leg.id)?.at ?? []
      if (at.length === 0) return leg.length
      return leg.from === node ? at[0]! : leg.length - at.at(-1)!
    })
  if (lengths.length > 0) return Math.min(...lengths)
  const { kind } = layout.node.get(node)!
  return kind === 'tie-in' || kind === 'outlet' ? 0 : null
}

/**
 * The growth of the straight stretch that a leg is part of, against the free legs that take it up.
 *
 * @param kelvin warmer than when it was fixed
 */
export function growthOf(
  catalogue: Catalogue,
  layout: Layout,
  leg: Leg,
  supports: readonly LegClips[],
  kelvin: number,
): Growing {
  const before = follow(layout, leg, leg.from)
  const after = follow(layout, leg, leg.to)
  const legs = [...before.legs.toReversed(), leg, ...after.legs]
  const pipe = catalogue.pipe(leg.pipe ?? layout.run.pipe)!
  const length = legs.reduce((sum, { length: of }) => sum + of, 0)
  const grown = expansion(materialFacts[materialKey(pipe)].expansion, length, kelvin, pipe.od, constantOf(pipe))
  const clips = new Map(supports.filter(({ run }) => run === layout.run.id).map((of) => [of.leg, of]))
  const stretch = new Set(legs)
  const free = [freeAt(layout, before.end, stretch, clips), freeAt(layout, after.end, stretch, clips)] as const
  return {
    ...grown,
    legs: legs.map(({ id }) => id),
    length,
    free,
    // Clips stand to the tenth of a millimetre.
    enough: free.some((of) => of === null || of >= grown.freeLeg - 0.1),
    turning: [turningAt(layout, before.end, stretch), turningAt(layout, after.end, stretch)],
  }
}
