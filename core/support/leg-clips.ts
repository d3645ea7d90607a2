import type { Catalogue } from '../catalogue/catalogue'
import { isPlastic, materialNames } from '../catalogue/material'
import { groupBy } from '../group-by'
import { supportSpacing } from '../catalogue/support-spacing'
import { bendLengths } from '../bend/geometry'
import type { Leg } from '../job/job'
import type { Profile } from '../job/profile'
import { attitudeOf } from '../route/direction'
import { pieceEnd } from '../route/end'
import { turnAt, type Layout } from '../route/layout'
import { clipPositions } from './clips'
import { fewestClips, fixingsWithin } from './fixings'

export interface LegClips {
  readonly run: string
  readonly leg: string
  /** The pipe's id. */
  readonly pipe: string
  /** Distances from the leg's first node, in mm. */
  readonly at: readonly number[]
  /** Between them, where the pipe is kept from swaying and can slide: distances from the leg's first node, in mm. */
  readonly guides: readonly number[]
  /** Why there are none, or where one is wanting; empty when all is well. */
  readonly missing: string
  /** What the spacing rests on, in words. */
  readonly basis: string
}

/** How far from a node's centre a clip must stay for the fitting there, in mm; null while that is not known. */
function keepFromFitting(
  catalogue: Catalogue,
  layout: Layout,
  nodeId: string,
  leg: Leg,
  profile: Profile,
): number | null {
  const node = layout.node.get(nodeId)!
  if (node.kind === 'bend') {
    const angle = turnAt(layout.arms.get(nodeId) ?? [])
    if (node.radius === undefined || angle === null || angle <= 0 || angle >= 180) return null
    return bendLengths(node.radius, angle).setBack + profile.clipFromJoint
  }
  const pipe = catalogue.pipe(leg.pipe ?? layout.run.pipe)!
  const end = pieceEnd(catalogue, layout, nodeId, leg.id, pipe)
  if (!end.takeOff || !end.insertion) return null
  const clearance = end.method === 'solder' ? profile.clipFromSolder : profile.clipFromJoint
  return end.takeOff.mm + end.insertion.mm + clearance
}

/** How far from a node's centre a clip must stay: for the fitting there, and for a free leg that takes up expansion. */
function keepFrom(catalogue: Catalogue, layout: Layout, nodeId: string, leg: Leg, profile: Profile): number | null {
  const fitting = keepFromFitting(catalogue, layout, nodeId, leg, profile)
  const free = (leg.from === nodeId ? leg.free?.start : leg.free?.end) ?? 0
  return fitting === null ? null : Math.max(fitting, free)
}

/**
 * Guides in the middle of each span of upright plastic that is longer than half a storey, where the profile asks for
 * them at mid-storey: there the greatest distance of two clips is a storey.
 *
 * @example clips at 80 and 2900 with 3048 at most: a guide at 1490
 */
export function guidesBetween(at: readonly number[], most: number): number[] {
  return at.slice(1).flatMap((to, index) => {
    const from = at[index]!
    return to - from > most / 2 ? [Math.round((from + to) * 5) / 10] : []
  })
}

/**
 * The clips of one leg by the profile's spacing for its pipe, size and attitude; or why they are not known.
 *
 * @param written writes a length in the job's units
 */
export function clipsOfLeg(
  catalogue: Catalogue,
  layout: Layout,
  leg: Leg,
  profile: Profile,
  written: (mm: number) => string,
): LegClips {
  const run = layout.run.id
  const pipe = catalogue.pipe(leg.pipe ?? layout.run.pipe)!
  const spacing = supportSpacing(profile.spacing, pipe, attitudeOf(leg.direction))
  if (!spacing) {
    return {
      run,
      leg: leg.id,
      pipe: pipe.id,
      at: [],
      guides: [],
      basis: '',
      missing: `the ${profile.name} table has no support distance for ${pipe.label}: ask the maker`,
    }
  }
  const basis = `at most ${written(spacing.mm)} apart, ${spacing.basis}`
  const first = keepFrom(catalogue, layout, leg.from, leg, profile)
  const last = keepFrom(catalogue, layout, leg.to, leg, profile)
  if (first === null || last === null)
    return {
      run,
      leg: leg.id,
      pipe: pipe.id,
      at: [],
      guides: [],
      basis,
      missing: 'a fitting of this leg is not measured yet',
    }
  const isGuided = spacing.note.includes('guide at mid-storey') && attitudeOf(leg.direction) === 'vertical'
  const guided = (at: readonly number[]) => (isGuided ? guidesBetween(at, spacing.mm) : [])
  if (!leg.fixings) {
    const at = clipPositions(leg.length, [first, last], spacing.mm)
    return { run, leg: leg.id, pipe: pipe.id, at, guides: guided(at), basis, missing: '' }
  }
  const places = fixingsWithin(leg.fixings, first, leg.length - last)
  const { at, tooLong } = fewestClips(places, leg.free?.start ?? 0, leg.length - (leg.free?.end ?? 0), spacing.mm)
  const spans = tooLong.map(({ from, to }) => `${written(from)} to ${written(to)}`).join(', ')
  const missing = spans === '' ? '' : `nothing to fix to from ${spans}: put a batten between`
  return {
    run,
    leg: leg.id,
    pipe: pipe.id,
    at,
    guides: guided(at),
    basis: `${basis}, on joists or studs`,
    missing,
  }
}

/** The clips of a job counted by the size of the pipe that they hold. */
export function countClips(catalogue: Catalogue, clips: readonly LegClips[]): { label: string; count: number }[] {
  return [...groupBy(clips, ({ pipe }) => pipe)].flatMap(([id, legs]) => {
    const pipe = catalogue.pipe(id)!
    const what = `${pipe.nominal} ${materialNames[pipe.material]}`
    // A metal strap cuts into plastic that grows and shrinks.
    const clip = isPlastic(pipe.material) ? `plastic clip for ${what}` : `clip for ${what}`
    const count = (of: 'at' | 'guides') => legs.reduce((sum, leg) => sum + leg[of].length, 0)
    return [
      { label: clip, count: count('at') },
      { label: `guide for ${what}, in which it can slide`, count: count('guides') },
    ].filter((counted) => counted.count > 0)
  })
}
