import type { Catalogue } from '../catalogue/catalogue'
import { materialNames } from '../catalogue/material'
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
  /** Why there are none, or where one is wanting; empty when all is well. */
  readonly missing: string
  /** What the spacing rests on, in words. */
  readonly basis: string
}

/** How far from a node's centre a clip must stay, in mm; null while the fitting there is not known. */
function keepFrom(catalogue: Catalogue, layout: Layout, nodeId: string, leg: Leg, profile: Profile): number | null {
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
      basis: '',
      missing: `the ${profile.name} table has no support distance for ${pipe.label}: ask the maker`,
    }
  }
  const basis = `at most ${written(spacing.mm)} apart, ${spacing.basis}`
  const first = keepFrom(catalogue, layout, leg.from, leg, profile)
  const last = keepFrom(catalogue, layout, leg.to, leg, profile)
  if (first === null || last === null)
    return { run, leg: leg.id, pipe: pipe.id, at: [], basis, missing: 'a fitting of this leg is not measured yet' }
  if (!leg.fixings) {
    const at = clipPositions(leg.length, [first, last], spacing.mm)
    return { run, leg: leg.id, pipe: pipe.id, at, basis, missing: '' }
  }
  const places = fixingsWithin(leg.fixings, first, leg.length - last)
  const { at, tooLong } = fewestClips(places, 0, leg.length, spacing.mm)
  const spans = tooLong.map(({ from, to }) => `${written(from)} to ${written(to)}`).join(', ')
  const missing = spans === '' ? '' : `nothing to fix to from ${spans}: put a batten between`
  return { run, leg: leg.id, pipe: pipe.id, at, basis: `${basis}, on joists or studs`, missing }
}

/** The clips of a job counted by the size of the pipe that they hold. */
export function countClips(catalogue: Catalogue, clips: readonly LegClips[]): { label: string; count: number }[] {
  return [...groupBy(clips, ({ pipe }) => pipe)].flatMap(([id, legs]) => {
    const pipe = catalogue.pipe(id)!
    const count = legs.reduce((sum, { at }) => sum + at.length, 0)
    return count > 0 ? [{ label: `clip for ${pipe.nominal} ${materialNames[pipe.material]}`, count }] : []
  })
}
