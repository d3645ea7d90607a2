import type { Catalogue } from '../catalogue/catalogue'
import { materialNames } from '../catalogue/material'
import { supportSpacing } from '../catalogue/support-spacing'
import { bendLengths } from '../bend/geometry'
import type { Job, Leg } from '../job/job'
import type { Profile } from '../job/profile'
import { attitudeOf } from '../route/direction'
import { pieceEnd } from '../route/end'
import { turnAt, type Layout } from '../route/layout'
import { clipPositions } from './clips'

export interface LegClips {
  readonly leg: string
  /** Distances from the leg's first node, in mm. */
  readonly at: readonly number[]
  /** Why there are none; empty when there are. */
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

/** The clips of one leg by the profile's spacing for its pipe, size and attitude; or why they are not known. */
export function clipsOfLeg(catalogue: Catalogue, layout: Layout, leg: Leg, profile: Profile): LegClips {
  const pipe = catalogue.pipe(leg.pipe ?? layout.run.pipe)!
  const spacing = supportSpacing(profile.spacing, pipe, attitudeOf(leg.direction))
  if (!spacing) {
    return {
      leg: leg.id,
      at: [],
      basis: '',
      missing: `the ${profile.name} table has no support distance for ${pipe.label}: ask the maker`,
    }
  }
  const basis = `at most ${spacing.mm} mm apart, ${spacing.basis}`
  const first = keepFrom(catalogue, layout, leg.from, leg, profile)
  const last = keepFrom(catalogue, layout, leg.to, leg, profile)
  if (first === null || last === null)
    return { leg: leg.id, at: [], basis, missing: 'a fitting of this leg is not measured yet' }
  return { leg: leg.id, at: clipPositions(leg.length, [first, last], spacing.mm), basis, missing: '' }
}

/** The clips of a job counted by the size of the pipe that they hold. */
export function countClips(
  catalogue: Catalogue,
  job: Job,
  clips: readonly (LegClips & { readonly run: string })[],
): { label: string; count: number }[] {
  const pipes = new Map(
    job.runs.flatMap((run) => run.legs.map((leg) => [`${run.id}/${leg.id}`, leg.pipe ?? run.pipe] as const)),
  )
  const counts = new Map<string, number>()
  for (const { run, leg, at } of clips) {
    const pipe = catalogue.pipe(pipes.get(`${run}/${leg}`) ?? '')
    if (!pipe || at.length === 0) continue
    const label = `clip for ${pipe.nominal} ${materialNames[pipe.material]}`
    counts.set(label, (counts.get(label) ?? 0) + at.length)
  }
  return [...counts].map(([label, count]) => ({ label, count }))
}
