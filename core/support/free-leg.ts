import { materialOf } from '../materials'
import type { Catalogue } from '../catalogue/catalogue'
import type { Leg } from '../job/job'
import type { Profile } from '../workshop/profile'
import type { Layout } from '../run/layout'
import { expansion, freeLegConstant, type Expansion } from './expansion'
import type { LegClips } from './clips-of-leg'
import { pipeIdIn } from '../job/leg-defaults'
import { drawnLength } from '../job/system'

/** A straight stretch that grows, and the expansion legs across its ends. */
export interface Growing extends Expansion {
  /** Its legs, in line. */
  readonly legs: readonly string[]
  /** mm from end to end. */
  readonly length: number
  /** Expansion leg at either end, to the next clip, in mm; 0 where it is held by what it ends on; or that it just ends, or is not known. */
  readonly free: readonly [FreeEnd, FreeEnd]
  /** One free end that gives enough is enough; null where that is not known. */
  readonly enough: boolean | null
  /** At either end the legs that turn off there, and could give if no clip stood too near. */
  readonly turning: readonly [Turning, Turning]
}

/** How far the pipe is free at one end of a stretch: mm, or that it just ends there, or that no clips are known. */
export type FreeEnd = number | 'ends' | 'unknown'

/** Legs that turn off at the end of a stretch that grows. */
export interface Turning {
  readonly node: string
  readonly legs: readonly string[]
  /** Length of the shortest of them, in mm; 0 where there is none. */
  readonly length: number
}

const inLine = 0.999

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
    // Round a loop that cannot be, of legs all in one line, it would go for ever.
    if (!next || legs.includes(next.leg) || next.leg === leg) return { legs, end: at }
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
    length: legs.length > 0 ? Math.min(...legs.map(drawnLength)) : 0,
  }
}

/** The shortest free length of the legs that turn off at a node, to their first clip. */
function freeAt(
  layout: Layout,
  node: string,
  stretch: ReadonlySet<Leg>,
  clips: ReadonlyMap<string, LegClips>,
): FreeEnd {
  const turning = layout.arms.get(node)!.filter(({ leg }) => !stretch.has(leg))
  // Nobody has said where pipe that is there has its clips.
  if (turning.some(({ leg }) => clips.get(leg.id)?.unknown !== null)) return 'unknown'
  const lengths = turning.map(({ leg }) => {
    const { at } = clips.get(leg.id)!
    if (at.length === 0) return drawnLength(leg)
    return leg.from === node ? at[0]! : drawnLength(leg) - at.at(-1)!
  })
  if (lengths.length > 0) return Math.min(...lengths)
  const { kind } = layout.node.get(node)!
  return kind === 'tie-in' || kind === 'outlet' ? 0 : 'ends'
}

function isEnough(free: readonly FreeEnd[], needed: number): boolean | null {
  // Clips stand to the tenth of a millimetre.
  if (free.some((of) => of === 'ends' || (typeof of === 'number' && of >= needed - 0.1))) return true
  return free.includes('unknown') ? null : false
}

/**
 * The growth of the straight stretch that a leg is part of, against the expansion legs that take it up.
 *
 * @param kelvin warmer than when it was fixed
 */
export function growthOf(
  catalogue: Catalogue,
  layout: Layout,
  leg: Leg,
  {
    supports,
    kelvin,
    profile,
  }: { readonly supports: readonly LegClips[]; readonly kelvin: number; readonly profile: Profile },
): Growing {
  const before = follow(layout, leg, leg.from)
  const after = follow(layout, leg, leg.to)
  const legs = [...before.legs.toReversed(), leg, ...after.legs]
  const pipe = catalogue.pipe(pipeIdIn(layout.system, leg))!
  const length = legs.reduce((sum, of) => sum + drawnLength(of), 0)
  const grown = expansion(materialOf(pipe).expansion, length, kelvin, {
    od: pipe.od,
    constant: freeLegConstant(profile, materialOf(pipe)),
  })
  const clips = new Map(supports.map((of) => [of.leg, of]))
  const stretch = new Set(legs)
  const free = [freeAt(layout, before.end, stretch, clips), freeAt(layout, after.end, stretch, clips)] as const
  return {
    ...grown,
    legs: legs.map(({ id }) => id),
    length,
    free,
    enough: isEnough(free, grown.freeLeg),
    turning: [turningAt(layout, before.end, stretch), turningAt(layout, after.end, stretch)],
  }
}
