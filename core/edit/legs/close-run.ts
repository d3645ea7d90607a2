import { thousandths } from '../../quantity/thousandths'
import { hasNoPipe } from '../../run/states'
import { dot, lengthOf, plus } from '../../quantity/vector'
import { setLeg } from '../edit-run'
import type { Job, Leg } from '../../job/job'
import { fixed, sentence } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { solveLinear } from '../../quantity/solve-linear'
import { closingsOf, type Closing } from '../../run/closing'
import { layOut } from '../../run/layout'
import { namesInRun } from '../../run/names'
import { type System, systemOf, drawnLength } from '../../job/system'

/** Misses of less are none, in mm. */
const nothing = 0.0005
/** What is spread must close to so much, in mm. */
const near = 0.01

const isOpen = ({ error }: Closing): boolean => error.some((mm) => Math.abs(mm) >= nothing)
const closings = (system: System): Closing[] => closingsOf(layOut(system))

const refuse = refusalsOf({
  id: 'close-run',
  messages: {
    short: sentence({ leg: 'leg 3', has: 40 }, ({ leg, has }, say) => `${leg}: has only ${say.length(has)} to give`),
    beside: sentence(
      { leg: 'leg 3' },
      ({ leg }) => `${leg}: not on the way between the fixed points, nor in the loop, that does not close`,
    ),
    across: fixed('Closing: no leg lies in the direction of the error; turn one, or move the fixed point'),
  },
})

function lengthen(job: Job, run: string, leg: Leg, by: number): Job {
  if (!(drawnLength(leg) + by > 0))
    throw refuse('short', { leg: namesInRun(job, run).leg(leg.id), has: drawnLength(leg) })
  return setLeg(job, run, leg.id, { length: thousandths(drawnLength(leg) + by) })
}

/**
 * The job with a closing error of a run taken up in one leg, as far as it lies along that leg: the first that this leg
 * is on the way of.
 *
 * @throws RangeError when the leg is not on the way of any that is open, or has not enough length
 * @remarks for instance: 4 mm too short east, taken up in a leg east of 1000: 1004
 */
export function takeUpIn(job: Job, runId: string, legId: string): Job {
  const system = systemOf(job, runId)
  const open = system ? closings(system).filter(isOpen) : []
  if (open.length === 0) return job
  for (const { error, path } of open) {
    const step = path.find(({ leg }) => leg.id === legId && !hasNoPipe(leg))
    if (step) return lengthen(job, runId, step.leg, dot(error, step.along))
  }
  throw refuse('beside', { leg: namesInRun(job, runId).leg(legId) })
}

/**
 * By how much each leg is to be longer so that all close, the smallest changes for their lengths (least squares with
 * Lagrange's multipliers); null where no legs lie in the direction of an error.
 */
function sharesThatClose(all: readonly Closing[]): Map<Leg, number> | null {
  /** For each leg, on which equations its length tells, and how: three for each closing, an axis each. */
  const tells = new Map<Leg, { equation: number; share: number }[]>()
  all.forEach(({ path }, at) => {
    for (const { leg, along } of path) {
      if (hasNoPipe(leg)) continue
      const known = tells.get(leg) ?? []
      along.forEach((share, axis) => share !== 0 && known.push({ equation: 3 * at + axis, share }))
      tells.set(leg, known)
    }
  })
  // A direction in which no leg lies cannot be closed: a little is added so that the others still can.
  const tiny = 1e-6
  const matrix = Array.from({ length: 3 * all.length }, (_, at) =>
    Array.from({ length: 3 * all.length }, (__, beside) => (at === beside ? tiny : 0)),
  )
  for (const [leg, told] of tells)
    for (const one of told)
      for (const other of told) matrix[one.equation]![other.equation]! += one.share * drawnLength(leg) * other.share
  const multipliers = solveLinear(
    matrix,
    all.flatMap(({ error }) => [...error]),
  )
  if (!multipliers) return null
  const shares = new Map(
    [...tells].map(([leg, told]) => [
      leg,
      drawnLength(leg) * told.reduce((sum, { equation, share }) => sum + share * multipliers[equation]!, 0),
    ]),
  )
  const closes = all.every(
    ({ error, path }) =>
      lengthOf(path.reduce((left, { leg, along }) => plus(left, along, -(shares.get(leg) ?? 0)), error)) <= near,
  )
  return closes ? shares : null
}

/**
 * The job with all closing errors of a run spread over the legs on the way, each in proportion to its length; fixed
 * points and loops that close already stay closed.
 *
 * @throws RangeError when a leg has not enough length, or no leg lies in the direction of an error
 * @remarks for instance: 6 mm too short east over legs of 1000 and 2000 east: 1002 and 2004
 */
export function spreadClosing(job: Job, runId: string): Job {
  const system = systemOf(job, runId)
  const all = system ? closings(system) : []
  if (!all.some(isOpen)) return job
  const shares = sharesThatClose(all)
  if (!shares) throw refuse('across')
  return [...shares].reduce((spread, [leg, by]) => lengthen(spread, runId, leg, by), job)
}
