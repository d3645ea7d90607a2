import { materialOf } from '../materials'
import { bendingMethods, type BendingMethod } from '../materials/material'
import type { Pipe } from '../catalogue/pipe'
import type { Basis } from '../quantity/basis'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import { typicalRadius } from './bender'

export interface BendVerdict extends Message {
  readonly verdict: 'fits' | 'caution' | 'refuse'
  readonly basis: Basis
  /** mm at the centre line; null where no figure is known. */
  readonly leastRadius: number | null
}

/** How tight a pipe may be bent, and with what. */
export const bendRadius = {
  id: 'bend-radius',
  messages: {
    'too large': fixed('too large for a hand bender: use elbows'),
    soft: fixed('bend soft copper with a spring, by hand over a former, or in a bender'),
    bender: fixed('kinks without a bender'),
    'half-hard': fixed('half-hard copper bends in a bender up to the 28 and 1 inch sizes'),
    'hard-drawn': fixed('hard-drawn: bent cold it may crack or flatten, larger sizes more so; try a scrap first'),
    'not bent': fixed('not bent on site: use elbows'),
    unknown: fixed('no least radius known: ask the maker'),
    wide: sentence(
      { times: 8, least: 128 },
      ({ times, least }, say) => `at least ${times} × outside diameter, ${say.length(least)}`,
    ),
    tight: sentence(
      { times: 8, least: 128, short: 28 },
      ({ times, least, short }, say) =>
        `${say.atLeast(short)} tighter than ${times} × outside diameter, ${say.length(least)}: it kinks, and a kink is cut out`,
    ),
    held: sentence(
      { bending: 'spring or support' as BendingMethod, least: 80 },
      ({ bending, least }, say) => `only with a ${bending}, which holds it to ${say.length(least)}; by hand it kinks`,
    ),
  },
} as const
const told = messagesOf(bendRadius)

/** Copper in a bender or over a former: tighter it flattens or kinks; typical. */
const copperRadius = 2.5
/** The largest pipe that goes into a hand bender, in mm outside: 28 metric, 1 inch copper tube size. */
const largestByHand = 28.7

/** A radius against so many outside diameters. */
function byRadius(od: number, radius: number, times: number, enough: Message): BendVerdict {
  const leastRadius = times * od
  const short = leastRadius - radius
  return short <= 1e-6
    ? { verdict: 'fits', ...enough, basis: 'typical', leastRadius }
    : { verdict: 'refuse', ...told('tight', { times, least: leastRadius, short }), basis: 'typical', leastRadius }
}

function copperVerdict({ temper, od }: Pipe, radius: number, method: BendingMethod): BendVerdict {
  const leastRadius = copperRadius * od
  const verdict = (of: BendVerdict['verdict'], message: Message): BendVerdict => ({
    verdict: of,
    ...message,
    basis: 'guidance',
    leastRadius,
  })
  if (od > largestByHand) return verdict('refuse', told('too large'))
  if (temper !== 'soft' && method !== 'bender') return verdict('refuse', told('bender'))
  const byIts = byRadius(od, radius, copperRadius, told('wide', { times: copperRadius, least: leastRadius }))
  if (byIts.verdict === 'refuse') return byIts
  if (temper === 'soft') return verdict('fits', told('soft'))
  return temper === 'half-hard' ? verdict('fits', told('half-hard')) : verdict('caution', told('hard-drawn'))
}

/**
 * Whether a pipe may be bent to a radius by this method.
 *
 * @param radius at the centre line, in mm
 * @remarks for instance: multilayer 16, 60 mm by hand: refuse, at least 80; in a bender: fits, at least 48
 */
export function bendVerdict(pipe: Pipe, radius: number, method: BendingMethod): BendVerdict {
  const { bending } = materialOf(pipe)
  if (bending === 'as copper') return copperVerdict(pipe, radius, method)
  const without = (verdict: BendVerdict['verdict'], message: Message, basis: Basis): BendVerdict => ({
    verdict,
    ...message,
    basis,
    leastRadius: null,
  })
  if (bending === 'not bent') return without('refuse', told('not bent'), 'guidance')
  const times = bending[method]
  if (times === undefined && bending.bender) return without('refuse', told('bender'), 'guidance')
  if (times === undefined) return without('caution', told('unknown'), 'typical')
  return byRadius(pipe.od, radius, times, told('wide', { times, least: times * pipe.od }))
}

/**
 * Whether a pipe may be bent to a radius at all, where nobody said how: refused where no method holds it, a caution where
 * only another than its usual one does.
 *
 * @remarks for instance: PEX of 16 at 90: a caution, by hand it needs 128 and with a support 80; at 40: refuse, 80 at least
 */
export function bendVerdictAnyhow(pipe: Pipe, radius: number): BendVerdict {
  const usual = bendVerdict(pipe, radius, usualBending(pipe))
  if (usual.verdict !== 'refuse') return usual
  const others = bendingMethods.map((method) => ({ method, found: bendVerdict(pipe, radius, method) }))
  const holding = others.find(({ found }) => found.verdict !== 'refuse')
  if (!holding) return others.map(({ found }) => found).sort((a, b) => (a.leastRadius ?? 0) - (b.leastRadius ?? 0))[0]!
  const { method, found } = holding
  return { ...found, verdict: 'caution', ...told('held', { bending: method, least: found.leastRadius! }) }
}

/** The least radii of what bends by hand, in outside diameters; null of all else. */
function byHand(pipe: Pipe): Readonly<Partial<Record<BendingMethod, number>>> | null {
  const { bending } = materialOf(pipe)
  return typeof bending === 'object' && bending.hand ? bending : null
}

/** How a pipe is usually bent: plastic by hand, metal in a bender. */
export const usualBending = (pipe: Pipe): BendingMethod => (byHand(pipe) ? 'hand' : 'bender')

/**
 * A radius to plan with until the bender is known, in mm: the least that this method allows, or what is typical.
 *
 * @remarks for instance: PEX of 16 by hand: 8 × 16 = 128; copper of 22: 4 × 22 = 88
 */
export function usualRadius(pipe: Pipe, method: BendingMethod): number {
  const times = byHand(pipe)?.[method]
  return times === undefined ? typicalRadius(pipe.od) : times * pipe.od
}
