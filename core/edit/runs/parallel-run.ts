import { thousandths } from '../../quantity/thousandths'
import type { Ids } from '../ids'
import { needLegLength } from '../legs/leg-length'
import { degrees } from '../../quantity/angle'
import { type Vector, cross, dot, lengthOf, plus, turnedAbout } from '../../quantity/vector'
import type { Job, Leg, Run } from '../../job/job'
import { fixed, sentence } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { unitVector } from '../../job/direction'
import { layOut } from '../../run/layout'
import { namesInRun } from '../../run/names'
import { directionOf } from '../../run/turning'
import { systemOf, type System } from '../../job/system'
import { withArms } from './with-arms'

const refuse = refusalsOf({
  id: 'parallel-run',
  messages: {
    empty: fixed('Run: a run with at least one leg'),
    spacing: fixed('Spacing: more than nought'),
    side: fixed('Side: a direction square to the first leg'),
    short: sentence({ leg: 'leg 3' }, ({ leg }) => `Spacing: ${leg} would have no length left`),
  },
})

const straight = 1e-6

/** How a line beside the pipe stands after a turn: it turns with the pipe, so that it stays beside it. */
function carried(beside: Vector, before: Vector, after: Vector): Vector {
  const axis = cross(before, after)
  const sine = lengthOf(axis)
  if (sine < straight) return beside
  const unit: Vector = [axis[0] / sine, axis[1] / sine, axis[2] / sine]
  return turnedAbout(beside, unit, degrees(Math.atan2(sine, dot(before, after))))
}

/** Where the parallel corner stands from the pipe's own: one line beside each leg, and where the two meet. */
function cornerBeside(before: Vector, after: Vector, beside: Vector, next: Vector): Vector {
  const along = dot(plus(next, beside, -1), before) / (1 + dot(before, after))
  return plus(beside, before, along)
}

/**
 * Where the nodes of a line stand beside it: from the first leg on, each leg takes its side from the one before it, and
 * each node the corner of two of them.
 *
 * @param aside how far, and which way, at the first leg
 */
function placesBeside(system: System, along: readonly Leg[], aside: Vector): (node: string) => Vector {
  const { places } = layOut(system)
  const first = along[0]!
  const moved = new Map<string, Vector>()
  const walked = new Set<Leg>()
  const walk = (leg: Leg, beside: Vector) => {
    // A line that closes comes back to its first leg.
    if (walked.has(leg)) return
    walked.add(leg)
    if (!moved.has(leg.from)) moved.set(leg.from, beside)
    const ahead = unitVector(leg.direction)
    const onwards = along.filter(({ from }) => from === leg.to)
    const turning = onwards.find(({ direction }) => Math.abs(dot(unitVector(direction), ahead)) < 1 - straight)
    const after = turning && unitVector(turning.direction)
    moved.set(leg.to, after ? cornerBeside(ahead, after, beside, carried(beside, ahead, after)) : beside)
    for (const next of onwards) walk(next, carried(beside, ahead, unitVector(next.direction)))
  }
  along
    .filter(({ from }) => from === first.from)
    .forEach((leg) => walk(leg, carried(aside, unitVector(first.direction), unitVector(leg.direction))))
  return (node) => plus(places.get(node)!, moved.get(node) ?? aside)
}

/**
 * The job with a run beside another one: as hot beside cold, or return beside flow. Each leg lies at the spacing from its
 * neighbour, longer on the outside of a turn and shorter on the inside.
 *
 * @param spacing centre to centre, in mm
 * @param towards which side at the first leg, square to it
 * @throws RangeError when the side is not square to the first leg, or a leg would have no length left
 * @remarks for instance: legs 1000 east, 500 north beside at 100 south: 1100 east, 600 north
 */
export function addParallelRun(
  job: Job,
  ids: Ids,
  runId: string,
  {
    spacing,
    towards,
    change = {},
  }: { readonly spacing: number; readonly towards: Vector; readonly change?: Partial<Pick<Run, 'name' | 'service'>> },
): { job: Job; run: string } {
  const system = systemOf(job, runId)
  const run = job.runs.find(({ id }) => id === runId)
  const along = system?.legs.filter((leg) => leg.run === runId) ?? []
  const [first] = along
  if (!system || !run || !first) throw refuse('empty')
  if (!(spacing > 0)) throw refuse('spacing')
  if (Math.abs(dot(towards, unitVector(first.direction))) > straight) {
    throw refuse('side')
  }
  const at = placesBeside(system, along, [towards[0] * spacing, towards[1] * spacing, towards[2] * spacing])
  const id = ids('r', job.runs)
  const ends = new Set(along.flatMap(({ from, to }) => [from, to]))
  const nodes = [...job.nodes]
  const copies = new Map<string, string>()
  for (const node of system.nodes) {
    if (!ends.has(node.id)) continue
    const fixedAt = node.at ? { at: at(node.id) as [number, number, number] } : {}
    const copy = { ...node, ...fixedAt, id: ids('n', nodes), run: id, survey: undefined }
    copies.set(node.id, copy.id)
    nodes.push(copy)
  }
  const legs = [...job.legs]
  const legCopies = new Map<string, string>()
  for (const leg of along) {
    const between = plus(at(leg.to), at(leg.from), -1)
    const length = thousandths(dot(between, unitVector(leg.direction)))
    if (!(length > 0)) throw refuse('short', { leg: namesInRun(job, runId).leg(leg.id) })
    const [from, to] = [copies.get(leg.from)!, copies.get(leg.to)!]
    const copy = ids('l', legs)
    legCopies.set(leg.id, copy)
    legs.push({
      ...leg,
      id: copy,
      run: id,
      from,
      to,
      direction: directionOf(between),
      length: needLegLength(length),
    })
  }
  const beside: Run = { ...run, id, name: `Beside ${run.name}`.slice(0, 120), ...change }
  const armed = nodes.map((node) => (node.run === id ? withArms(node, legCopies) : node))
  return { job: { ...job, runs: [...job.runs, beside], nodes: armed, legs }, run: id }
}
