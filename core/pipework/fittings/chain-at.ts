import { itemName } from '../../catalogue/counter-name'
import { askedForAs } from '../take-off/fitting-label'
import type { Catalogue } from '../../catalogue/catalogue'
import { fittingNamed } from '../../catalogue/chain-length'
import { endTakes } from '../../catalogue/fit'
import { endLabel, meetingOf, type Fitting } from '../../catalogue/fitting'
import { endLength, takeUpOf } from '../../catalogue/fitting-length'
import type { Leg } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import { siteId } from '../../job/site-id'
import type { Vector } from '../../quantity/vector'
import { opposite } from '../../job/direction'
import { chainLegs } from '../../job/chain-legs'
import { inOrder } from './chain-stretches'
import type { NodeAt } from './node-at'
import { along, type FittingsAt, type InnerMeeting, type Part, type PortRef } from './part'
import { chainChosen } from '../../job/chosen'

/** How far along its line each fitting of a chain begins and ends, from where the first pipe stops; null beyond what is known. */
function stretches(catalogue: Catalogue, chain: readonly (Fitting | undefined)[]): readonly (number | null)[][] {
  let reached: number | null = 0
  return chain.map((fitting, index) => {
    const start: number | null = reached
    const lengths = fitting
      ? inOrder(chain, index).map((end) => endLength(catalogue, fitting, end)?.mm ?? null)
      : [null]
    const end = lengths.reduce((sum, mm) => (sum === null || mm === null ? null : sum + mm), start)
    const next = chain[index + 1]
    const meeting = fitting && next ? meetingOf(fitting, next) : null
    reached = end === null ? null : end + (meeting?.kind === 'thread' ? takeUpOf(meeting.male).mm : 0)
    return [start, end]
  })
}

/** Whether a fitting by itself stands with its second end to the pipe that comes first, since its first takes it not. */
function turnsRound(
  { catalogue, layout, node }: NodeAt,
  fitting: Fitting | undefined,
  arriving: Leg | undefined,
): boolean {
  const id = arriving ? pipeIdIn(layout.system, arriving) : node.existing
  const pipe = id === undefined ? undefined : catalogue.pipe(id)
  const [one, other] = fitting?.ends ?? []
  const method = chainChosen(node)!.joints[0]
  return (
    one !== undefined &&
    other !== undefined &&
    pipe !== undefined &&
    !endTakes(one, pipe, method) &&
    endTakes(other, pipe, method)
  )
}

/** The meetings of a chain's fittings, each with the next. */
const innerOf = (siteOf: string, chain: readonly (Fitting | undefined)[], id: (index: number) => string) =>
  chain.slice(1).flatMap((next, index): InnerMeeting[] => {
    const before = chain[index]
    const meeting = before && next && meetingOf(before, next)
    if (!meeting) return []
    const between = [
      { part: id(index), port: 1 },
      { part: id(index + 1), port: 0 },
    ] as const
    const fittings = [itemName(before), itemName(next)] as const
    return [{ id: `${siteOf}/between-${index}`, between, fittings, index, meeting }]
  })

/** A node's chain: its fittings one after another, each with the end before it and the one after it. */
export function chainAt(at: NodeAt): FittingsAt {
  const { catalogue, layout, node, arms, takeOffs } = at
  const ids = chainChosen(node)!.fittings
  const chain = ids.map(fittingNamed)
  const ends = chainLegs(
    node,
    arms.map(({ leg }) => leg),
  )
  const [arriving, leaving] = [ends.arriving, ends.leaving].map((end) => arms.find(({ leg }) => leg === end))
  const onward = leaving?.away ?? (arriving ? opposite(arriving.away) : null)
  const back = onward && opposite(onward)
  const place = layout.places.get(node.id)
  // A tie-in stands where the existing pipe stops; else a chain begins where the pipe that arrives stops.
  const before = arriving ? (takeOffs.get(arriving.leg.id) ?? null) : 0
  const from = (mm: number | null | undefined): Vector | null =>
    along(place, onward, mm === null || mm === undefined || before === null ? null : mm - before)
  const stretch = stretches(catalogue, chain)
  const isTurned = ids.length === 1 && turnsRound(at, chain[0], arriving?.leg)
  const site = siteId(node)
  const id = (index: number): string => (ids.length > 1 ? `${site}#${index}` : site)
  const last = ids.length - 1
  const stop = leaving && takeOffs.get(leaving.leg.id)
  const parts = ids.map((label, index): Part => {
    const fitting = chain[index]
    const [first, second] = isTurned ? [1, 0] : inOrder(chain, index)
    const end = (of: number): string => (fitting ? endLabel(fitting.ends[of]!) : label)
    // Where the pipe stops that goes on from the last: as it was measured, where it was.
    const ending = index === last && typeof stop === 'number' ? along(place, onward, stop) : from(stretch[index]![1])
    return {
      id: id(index),
      kind: 'fitting',
      ...(fitting ? askedForAs(fitting) : { label }),
      run: node.run,
      node: node.id,
      ports: [
        { at: from(stretch[index]![0]), out: back, end: end(first) },
        { at: ending, out: onward, end: end(second) },
      ],
    }
  })
  const atStart: PortRef = { part: id(0), port: 0 }
  const atEnd: PortRef = { part: id(last), port: 1 }
  return {
    parts,
    inner: innerOf(site, chain, id),
    existingPort: atStart,
    legPort: (leg) => (leg === arriving?.leg.id ? atStart : atEnd),
  }
}
