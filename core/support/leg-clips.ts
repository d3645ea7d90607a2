import type { LegClips } from './clips-of-leg'
import { methods } from '../methods'
import type { Catalogue } from '../catalogue/catalogue'
import { isPlastic, materialName } from '../materials'
import { groupBy } from '../quantity/group-by'
import type { Message } from '../quantity/words/message'
import { supportSpacing } from '../catalogue/support-spacing'
import { bendLengths } from '../bend/geometry'
import type { Leg } from '../job/job'
import type { Profile } from '../workshop/profile'
import { attitudeOf } from '../job/direction'
import { bendAngle, type Layout } from '../run/layout'
import { isNewLeg } from '../run/states'
import { clipPositions, onTheRule } from './clips'
import { bareSpans } from './bare-spans'
import { fewestClips, fixingsWithin } from './fixings'
import { supportSays } from './sayings'
import { pipeIdIn } from '../job/leg-defaults'
import { drawnLength } from '../job/system'
import type { PipeEnds } from '../pipework/pipe-ends'
import type { SundryCount } from '../pipework/list/sundries'

/** Where pipe lies, and what its ends meet. */
interface Resolved {
  readonly layout: Layout
  readonly ends: PipeEnds
}

/** How far from a node's centre a clip must stay for the fitting there, in mm; null while that is not known. */
function keepFromFitting({ layout, ends }: Resolved, nodeId: string, leg: Leg, profile: Profile): number | null {
  const node = layout.node.get(nodeId)!
  if (node.kind === 'bend') {
    const angle = bendAngle(layout.arms.get(nodeId) ?? [])
    if (node.radius === undefined || angle === null) return null
    return bendLengths(node.radius, angle).setBack + profile.clipFromJoint
  }
  const end = ends(nodeId, leg)
  if (!end.takeOff || !end.insertion) return null
  const clearance = end.method && methods[end.method].hot ? profile.clipFromSolder : profile.clipFromJoint
  return end.takeOff.mm + end.insertion.mm + clearance
}

/** How far from a node's centre a clip must stay: for the fitting there, and for an expansion leg. */
function keepFrom(system: Resolved, nodeId: string, leg: Leg, profile: Profile): number | null {
  const fitting = keepFromFitting(system, nodeId, leg, profile)
  const free = (leg.from === nodeId ? leg.free?.start : leg.free?.end) ?? 0
  return fitting === null ? null : Math.max(fitting, free)
}

/**
 * Guides in the middle of each span of upright plastic that is longer than half a storey, where the profile asks for
 * them at mid-storey: there the greatest distance of two clips is a storey.
 *
 * @remarks for instance: clips at 80 and 2900 with 3048 at most, to the centimetre: a guide at 1490
 */
export function guidesBetween(at: readonly number[], most: number, step: number): number[] {
  return at.slice(1).flatMap((to, index) => {
    const from = at[index]!
    return to - from > most / 2 ? [onTheRule((from + to) / 2, step)] : []
  })
}

/** Whose rules hold, and how fine a clip is set. */
interface Setting {
  readonly profile: Profile
  /** Of the rule that clips are placed by, in mm. */
  readonly step: number
}

/** The clips of one leg by the profile's spacing for its pipe, size and attitude; or why they are not known. */
function clipsOfLeg(catalogue: Catalogue, system: Resolved, leg: Leg, { profile, step }: Setting): LegClips {
  const pipe = catalogue.pipe(pipeIdIn(system.layout.system, leg))!
  const found = supportSpacing(profile.spacing, pipe, attitudeOf(leg.direction))
  const blank: LegClips = {
    run: leg.run,
    leg: leg.id,
    pipe: pipe.id,
    at: [],
    guides: [],
    unknown: null,
    notes: [],
    spacing: found && { mm: found.mm, basis: found.basis },
    onTimber: leg.fixings !== undefined,
  }
  if (!found) return { ...blank, unknown: supportSays('no spacing', { table: profile.name, pipe: pipe.label }) }
  const first = keepFrom(system, leg.from, leg, profile)
  const last = keepFrom(system, leg.to, leg, profile)
  if (first === null || last === null) return { ...blank, unknown: supportSays('not measured') }
  const isGuided = found.note.includes('guide at mid-storey') && attitudeOf(leg.direction) === 'vertical'
  const guided = (at: readonly number[]) => (isGuided ? guidesBetween(at, found.mm, step) : [])
  if (!leg.fixings) {
    const at = clipPositions({ length: drawnLength(leg), keepFrom: [first, last] }, found.mm, step)
    return { ...blank, at, guides: guided(at) }
  }
  const { at, tooLong } = fewestClips(fixingsWithin(leg.fixings, first, drawnLength(leg) - last), found.mm)
  const wanting = tooLong.length > 0 ? [caution(supportSays('no timber', { spans: tooLong }))] : []
  return { ...blank, at, guides: guided(at), notes: wanting }
}

/** Pipe that lies in soil is held by its bed. */
const bedded = (catalogue: Catalogue, layout: Layout, leg: Leg): LegClips => ({
  run: leg.run,
  leg: leg.id,
  pipe: catalogue.pipe(pipeIdIn(layout.system, leg))!.id,
  at: [],
  guides: [],
  unknown: null,
  notes: [{ ...supportSays('in soil'), verdict: 'fits' }],
  spacing: null,
  onTimber: false,
})

const caution = (message: Message) => ({ ...message, verdict: 'caution' as const })

/** The layout as its new pipe alone has it: pipe that is there has its own clips, and holds what is joined to it. */
const newPipeOf = (layout: Layout): Layout => ({
  ...layout,
  arms: new Map([...layout.arms].map(([id, arms]) => [id, arms.filter(({ leg }) => isNewLeg(leg))])),
})

/**
 * The clips of all new legs of a run, with what is bare round its corners: spans are measured along the pipe from clip to
 * clip, through fittings and through legs that are too short for a clip.
 *
 * @param isInSoil whether a run lies in soil: no clip holds it there
 */
export function clipsOfRun(
  catalogue: Catalogue,
  system: Resolved,
  setting: Setting,
  isInSoil: (run: string) => boolean = () => false,
): LegClips[] {
  const { layout } = system
  const clips = layout.system.legs
    .filter(isNewLeg)
    .map((leg) => (isInSoil(leg.run) ? bedded(catalogue, layout, leg) : clipsOfLeg(catalogue, system, leg, setting)))
  const notes = new Map<string, LegClips['notes'][number][]>()
  const note = (leg: string, of: LegClips['notes'][number]) => notes.set(leg, [...(notes.get(leg) ?? []), of])
  const soil = new Set(clips.filter(({ run }) => isInSoil(run)).map(({ leg }) => leg))
  for (const { legs, short, length, most } of bareSpans(newPipeOf(layout), clips)) {
    if ([...legs, ...short].some((leg) => soil.has(leg))) continue
    const isBare = length > most + 0.1
    for (const leg of short)
      note(
        leg,
        isBare ? caution(supportSays('short leg', { length, most })) : { ...supportSays('carried'), verdict: 'fits' },
      )
    if (isBare && short.length === 0) note(legs[0]!, caution(supportSays('bare corner', { length, most })))
  }
  return clips.map((of) => {
    const more = notes.get(of.leg)
    return more ? { ...of, notes: [...of.notes, ...more] } : of
  })
}

/** The clips of a job counted by the size of the pipe that they hold. */
export function countClips(catalogue: Catalogue, clips: readonly LegClips[]): SundryCount[] {
  return [...groupBy(clips, ({ pipe }) => pipe)].flatMap(([id, legs]) => {
    const pipe = catalogue.pipe(id)!
    const what = `${pipe.nominal} ${materialName(pipe.material)}`
    // A metal strap cuts into plastic that grows and shrinks.
    const clip = isPlastic(pipe.material) ? `plastic clip for ${what}` : `clip for ${what}`
    const count = (of: 'at' | 'guides') => legs.reduce((sum, leg) => sum + leg[of].length, 0)
    const guide = `guide for ${what}, in which it can slide`
    return [
      { item: clip, label: clip, count: count('at') },
      { item: guide, label: guide, count: count('guides') },
    ].filter((counted) => counted.count > 0)
  })
}
