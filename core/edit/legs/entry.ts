import type { Ids } from '../ids'
import { addLeg, legBefore, removeLeg, setKind, setLeg } from '../edit-run'
import type { Axis, Direction, Job, Leg, Node } from '../../job/job'
import type { Wall } from '../../job/kinds'
import { isRunEnd, legsAtNode, mostLegsAt } from '../../job/node-legs'
import { acceptedLengths, legLimits, parseLength, placeLimits } from '../../quantity/parse-length'
import { speakerFor } from '../../quantity/words/speaker'
import { angleBetween, oppositeDirection, unitVector } from '../../job/direction'
import { addLegToHeight } from './heights'
import { floorOf, heightFromStart } from '../../run/floor'
import { joinTo, nodeAhead } from './join-to'
import { turnedWith, wayWord } from '../../run/direction-words'
import { layOut } from '../../run/layout'
import { turnTowards } from '../../run/turning'
import { type System, systemOf, drawnLength, runOf } from '../../job/system'

/** Where the next leg goes from, which way, and what of its length is typed. */
export interface RouteEntry {
  readonly run: string
  readonly cursor: string
  readonly direction: Direction | null
  /** The next direction is put to the present one: halfway between the two. */
  readonly combining?: boolean
  readonly typed: string
  /** The next leg is pipe that is there, or is not; as the leg that it goes on from, where nothing is said. */
  readonly existing?: boolean
  /** The leg is to lead to a place that is there, and which is still to be said. */
  readonly joining?: boolean
  /** What was wrong with the last key, in words; empty when nothing was. */
  readonly problem: string
}

export interface Entered {
  readonly job: Job
  readonly entry: RouteEntry
}

const directions: Readonly<Record<string, Axis>> = {
  ArrowRight: 'east',
  ArrowLeft: 'west',
  ArrowUp: 'north',
  ArrowDown: 'south',
  PageUp: 'up',
  PageDown: 'down',
}

const nodeKeys: Readonly<Record<string, Node['kind']>> = {
  t: 'tee',
  b: 'bend',
  v: 'valve',
  u: 'union',
  o: 'outlet',
  c: 'cap',
  m: 'mixer',
}

export function startEntry(run: string, system: System): RouteEntry {
  return { run, cursor: system.nodes.at(-1)?.id ?? '', direction: null, typed: '', problem: '' }
}

/** The next node that still wants a leg, after the cursor and round again: unfinished fittings first, then open ends. */
function nextUnfinished(system: System, cursor: string): string {
  const legsAt = (id: string) => system.legs.filter(({ from, to }) => from === id || to === id).length
  const unfinished = system.nodes.filter(({ id, kind }) => !isRunEnd(kind) && legsAt(id) < legsAtNode[kind])
  const wanting = [...unfinished, ...system.nodes.filter(({ kind }) => kind === 'open')]
  const at = wanting.findIndex(({ id }) => id === cursor)
  return wanting[(at + 1) % Math.max(1, wanting.length)]?.id ?? cursor
}

function directionProblem(job: Job, system: System, { cursor, direction }: Going): string {
  const arms = system.legs.filter(({ from, to }) => from === cursor || to === cursor)
  const node = system.nodes.find(({ id }) => id === cursor)
  // An end that pipe goes on from becomes a fitting with two legs.
  const limit = !node || isRunEnd(node.kind) ? 2 : mostLegsAt(node.kind)
  if (arms.length >= limit)
    return `no more legs fit on this ${node?.kind ?? 'node'}: go to an open end, or make it a tee`
  const taken = arms.map((leg) => (leg.from === cursor ? leg.direction : oppositeDirection(leg.direction)))
  const unit = unitVector(direction)
  return taken.some((known) => angleBetween(unitVector(known), unit) < 1)
    ? `pipe already runs ${typeof direction === 'string' ? wayWord(direction, job.facing) : 'this way'} from here`
    : ''
}

interface Going {
  readonly cursor: string
  readonly direction: Direction
}

/** A direction key: alone it sets the way; after `&` it is put to the one before, 45 degrees between the two. */
function turn(entry: RouteEntry, axis: Axis, facing: Wall | undefined): RouteEntry {
  const { direction } = entry
  const together = entry.combining && direction !== null
  if (!together) return { ...entry, direction: axis, combining: false, problem: '' }
  if (Math.abs(angleBetween(unitVector(direction), unitVector(axis)) - 90) > 1) {
    return { ...entry, combining: false, problem: `${wayWord(axis, facing)} is not square to the direction before` }
  }
  return { ...entry, direction: turnTowards(direction, axis, 45), combining: false, problem: '' }
}

/**
 * What the next leg is: pipe that is there, that comes out, or new pipe (undefined). Beyond an end it goes on as the leg
 * before; a further leg at a fitting is new pipe.
 */
export function stateGoingOn(system: System, { cursor, existing }: RouteEntry): Leg['state'] {
  if (existing !== undefined) return existing ? 'existing' : undefined
  const [before, other] = system.legs.filter(({ from, to }) => from === cursor || to === cursor)
  return before && !other && before.state !== 'no pipe' ? before.state : undefined
}

/** The pipe of a leg that is there: as the one before it, or as the tie-in that it begins at; else as its run says. */
function existingPipe(system: System, cursor: string): string | undefined {
  const before = legBefore(system, cursor)
  const node = system.nodes.find(({ id }) => id === cursor)
  if (before) return before.state ? before.pipe : undefined
  return node?.existing !== undefined && node.existing !== runOf(system, node).pipe ? node.existing : undefined
}

function enterLeg(job: Job, ids: Ids, entry: RouteEntry): Entered {
  const system = systemOf(job, entry.run)
  const failed = (problem: string): Entered => ({ job, entry: { ...entry, problem } })
  if (!system) return failed('there is no run to draw in')
  if (!entry.direction) return failed('choose a direction first, then the length')
  // No pipe between: the next fitting stands straight in this one.
  const isClose = /^0+$/.test(entry.typed)
  const length = isClose ? {} : typedLength(entry, job)
  if ('problem' in length) return failed(length.problem)
  const going = stateGoingOn(system, entry)
  const unmeasured = going !== undefined && length.mm === undefined
  if (!unmeasured && !isClose && length.mm === undefined) return failed(`Length: write ${acceptedLengths[job.units]}`)
  const blocked = directionProblem(job, system, { cursor: entry.cursor, direction: entry.direction })
  if (blocked) return failed(blocked)
  const added = addLeg(job, ids, entry.run, {
    from: entry.cursor,
    direction: entry.direction,
    length: length.mm ?? drawnLength({ length: null }),
  })
  const state: Leg['state'] = isClose ? 'no pipe' : going
  const unlike = {
    state,
    ...(isClose || unmeasured ? { length: null } : {}),
    ...(isClose ? {} : { pipe: existingPipe(system, entry.cursor) }),
  }
  return {
    job: state ? setLeg(added.job, entry.run, added.leg, unlike) : added.job,
    entry: { ...entry, existing: undefined, cursor: added.node, typed: '', problem: '' },
  }
}

/** Draws up or down to the height that is typed. */
function enterHeight(job: Job, ids: Ids, entry: RouteEntry): Entered {
  const failed = (problem: string): Entered => ({ job, entry: { ...entry, problem } })
  const system = systemOf(job, entry.run)
  if (!system) return failed('there is no run to draw in')
  const height = parseLength(entry.typed, job.units, placeLimits)
  const layout = layOut(system)
  const from = floorOf(layout) === null ? 'from where the run starts' : 'over the floor'
  if (!height.ok) return failed(`Height: ${height.problem}; write ${acceptedLengths[job.units]}, ${from}`)
  const here = layout.places.get(entry.cursor)?.[2] ?? 0
  const wanted = heightFromStart(layout, height.mm)
  if (Math.abs(wanted - here) > legLimits.max)
    return failed(`Height: at most ${speakerFor(job.units).length(legLimits.max)} from here, the longest leg`)
  const added = addLegToHeight(job, ids, entry.run, { from: entry.cursor, height: wanted })
  if (!added) return failed('this stands at that height already')
  const onwards = systemOf(added.job, entry.run)!.legs.at(-1)!.direction
  const blocked = directionProblem(job, system, { cursor: entry.cursor, direction: onwards })
  if (blocked) return failed(blocked)
  const state = stateGoingOn(system, entry)
  const drawn = state
    ? setLeg(added.job, entry.run, added.leg, { state, pipe: existingPipe(system, entry.cursor) })
    : added.job
  return {
    job: drawn,
    entry: { ...entry, direction: onwards, existing: undefined, cursor: added.node, typed: '', problem: '' },
  }
}

/** The length that is typed; nothing where none is. */
function typedLength({ typed }: RouteEntry, job: Job): { readonly mm?: number } | { readonly problem: string } {
  if (typed === '') return {}
  const length = parseLength(typed, job.units)
  return length.ok ? { mm: length.mm } : { problem: `Length: ${length.problem}; write ${acceptedLengths[job.units]}` }
}

/** Draws a leg to a place that is there. @param direction which way; straight to it, where nothing is said */
export function joinPlace(
  job: Job,
  ids: Ids,
  entry: RouteEntry,
  { to, direction }: { readonly to: string; readonly direction?: Direction },
): Entered {
  const length = typedLength(entry, job)
  const failed = (problem: string): Entered => ({ job, entry: { ...entry, problem } })
  if ('problem' in length) return failed(length.problem)
  const joined = joinTo(job, ids, entry.run, {
    ends: { from: entry.cursor, to },
    wish: { direction, length: length.mm },
  })
  if ('problem' in joined) return failed(joined.problem)
  return { job: joined.job, entry: { ...entry, cursor: to, typed: '', joining: false, problem: '' } }
}

/** Joins what lies ahead; where nothing does, the place is asked for. */
function join(job: Job, ids: Ids, entry: RouteEntry): Entered {
  if (entry.joining) return { job, entry: { ...entry, joining: false, problem: '' } }
  const ahead = entry.direction && nodeAhead(job, entry.run, entry.cursor, entry.direction)
  return ahead
    ? joinPlace(job, ids, entry, { to: ahead, direction: entry.direction! })
    : { job, entry: { ...entry, joining: true, problem: '' } }
}

function takeBack(job: Job, entry: RouteEntry): Entered {
  // What was refused goes as a whole.
  if (entry.typed !== '') {
    const typed = entry.problem === '' ? entry.typed.slice(0, -1) : ''
    return { job, entry: { ...entry, typed, problem: '' } }
  }
  const legs = systemOf(job, entry.run)?.legs ?? []
  const last = legs.findLast(({ to }) => to === entry.cursor)
  if (!last) return { job, entry }
  if (last !== legs.at(-1) && legs.some(({ from }) => from === entry.cursor)) {
    return {
      job,
      entry: { ...entry, problem: 'pipe goes on from here: take back from an end, or remove the leg in the list' },
    }
  }
  return { job: removeLeg(job, entry.run, last.id), entry: { ...entry, cursor: last.from, problem: '' } }
}

function changeNode(job: Job, entry: RouteEntry, kind: Node['kind'], bendRadius: number | undefined): Entered {
  const node = systemOf(job, entry.run)?.nodes.find(({ id }) => id === entry.cursor)
  if (node?.kind === 'tie-in')
    return { job, entry: { ...entry, problem: `this is the tie-in: draw a leg from it, then the ${kind}` } }
  return {
    job: setKind(job, entry.run, entry.cursor, {
      kind,
      fitting: undefined,
      ...(kind === 'bend' ? { radius: node?.radius ?? bendRadius } : {}),
    }),
    entry: { ...entry, problem: '' },
  }
}

/** Whether a key belongs to a length: a digit or a sign, or behind a digit the letters of a unit: mm, cm, ft, in. */
const isTyped = (key: string, typed: string): boolean =>
  /^[0-9.,/'" -]$/.test(key) || (typed !== '' && (/^[mcift]$/.test(key) || (key === 'n' && typed.endsWith('i'))))

/**
 * What a key does while a route is typed: arrows and PageUp, PageDown set the direction, digits and signs the length, 0 that
 * there is no pipe,
 * Enter the leg, H a leg up or down to the height typed; & puts the next direction to the present one, for the way between; T a tee, B a pulled bend, V a valve,
 * U a union, O an outlet, C a cap, M a mixer, N the next unfinished node; J a leg to what lies ahead, or to a place that is pressed
 * next; X turns to pipe that is there, and back to new; Backspace takes back.
 *
 * @param bendRadius centre-line radius of the bender in the hand, in mm; a bend without one is asked for it
 * @returns the job and the entry after it; null when the key means nothing here
 */
export function pressKey(
  job: Job,
  ids: Ids,
  entry: RouteEntry,
  { key, bendRadius }: { readonly key: string; readonly bendRadius?: number },
): Entered | null {
  const arrow = directions[key]
  if (arrow) return { job, entry: turn(entry, turnedWith(arrow, job.facing), job.facing) }
  if (key === '&') return { job, entry: { ...entry, combining: !entry.combining, problem: '' } }
  if (key === 'Enter') return enterLeg(job, ids, entry)
  if (key.toLowerCase() === 'h') return enterHeight(job, ids, entry)
  if (key === 'Backspace') return takeBack(job, entry)
  if (key.toLowerCase() === 'j') return join(job, ids, entry)
  if (key.toLowerCase() === 'x') {
    const known = systemOf(job, entry.run)
    return known ? { job, entry: { ...entry, existing: !stateGoingOn(known, entry), problem: '' } } : null
  }
  if (isTyped(key, entry.typed)) {
    // What was refused is typed anew, not on.
    const before = entry.problem === '' ? entry.typed : ''
    return { job, entry: { ...entry, typed: (before + key).slice(0, 20), problem: '' } }
  }
  const kind = nodeKeys[key.toLowerCase()]
  if (kind) return changeNode(job, entry, kind, bendRadius)
  if (key.toLowerCase() !== 'n') return null
  const system = systemOf(job, entry.run)
  return system ? { job, entry: { ...entry, cursor: nextUnfinished(system, entry.cursor), problem: '' } } : null
}
