import type { Material } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'
import type { Basis } from '../quantity/basis'
import { typicalRadius } from './bender'

/** With what a pipe is bent. */
export const bendingWays = ['hand', 'spring or support', 'bender'] as const
export type BendingWay = (typeof bendingWays)[number]

export interface BendVerdict {
  readonly verdict: 'fits' | 'caution' | 'refuse'
  readonly text: string
  readonly basis: Basis
  /** mm at the centre line; null where no figure is known. */
  readonly leastRadius: number | null
}

/** Least radius in outside diameters, by way of bending; a kink is cut out, never bent back. */
const plasticRadius: Partial<Record<Material, Readonly<Record<BendingWay, number>>>> = {
  'pex-a': { hand: 8, 'spring or support': 5, bender: 5 },
  'pex-b': { hand: 8, 'spring or support': 5, bender: 5 },
  'pex-c': { hand: 8, 'spring or support': 5, bender: 5 },
  pb: { hand: 8, 'spring or support': 8, bender: 8 },
  multilayer: { hand: 5, 'spring or support': 5, bender: 3 },
}
const notBent: ReadonlySet<Material> = new Set(['cpvc', 'pvc-u', 'pp-r', 'galvanised-steel', 'lead'])
/** The largest pipe that goes into a hand bender, in mm outside: 28 metric, 1 inch copper tube size. */
const largestByHand = 28.7

function copperVerdict({ temper, od }: Pipe, way: BendingWay): BendVerdict {
  const say = (verdict: BendVerdict['verdict'], text: string): BendVerdict => ({
    verdict,
    text,
    basis: 'guidance',
    leastRadius: null,
  })
  if (od > largestByHand) return say('refuse', 'too large for a hand bender: use elbows')
  if (temper === 'soft') return say('fits', 'soft copper bends by spring, by hand over a former, or in a bender')
  if (way !== 'bender') return say('refuse', 'kinks unless it is held in a bender')
  if (temper === 'half-hard') return say('fits', 'half-hard copper bends in a bender up to 28 mm')
  return say('caution', 'hard-drawn: bent cold it may crack or flatten, the more the larger it is; try a scrap first')
}

/**
 * Whether a pipe may be bent to a radius in this way.
 *
 * @param radius at the centre line, in mm
 * @example multilayer 16, 60 mm by hand: refuse, at least 80; in a bender: fits, at least 48
 */
export function bendVerdict(pipe: Pipe, radius: number, way: BendingWay): BendVerdict {
  if (pipe.material === 'copper') return copperVerdict(pipe, way)
  if (notBent.has(pipe.material)) {
    return { verdict: 'refuse', text: 'not bent on site: use elbows', basis: 'guidance', leastRadius: null }
  }
  const times = plasticRadius[pipe.material]?.[way]
  if (times === undefined) {
    return {
      verdict: 'caution',
      text: 'no least radius is known here: ask the maker',
      basis: 'typical',
      leastRadius: null,
    }
  }
  const leastRadius = times * pipe.od
  const figure = `${times} × outside diameter`
  return radius + 1e-6 >= leastRadius
    ? { verdict: 'fits', text: `at least ${figure}`, basis: 'typical', leastRadius }
    : {
        verdict: 'refuse',
        text: `tighter than ${figure}: it kinks, and a kink is cut out`,
        basis: 'typical',
        leastRadius,
      }
}

/** How a pipe is usually bent: plastic by hand, metal in a bender. */
export const usualWay = ({ material }: Pipe): BendingWay => (plasticRadius[material] ? 'hand' : 'bender')

/**
 * A radius to plan with until the bender is known, in mm: the least that this way allows, or what is typical.
 *
 * @example PEX of 16 by hand: 8 × 16 = 128; copper of 22: 4 × 22 = 88
 */
export function usualRadius(pipe: Pipe, way: BendingWay): number {
  const times = plasticRadius[pipe.material]?.[way]
  return times === undefined ? typicalRadius(pipe.od) : times * pipe.od
}
