import { type Vector, dot, lengthOf } from '../quantity/vector'
import { setLeg } from '../job/edit-run'
import type { Job, Leg, Run } from '../job/job'
import { fixed, sentence } from '../quantity/message'
import { refusalsOf } from '../quantity/refusal'
import { closingErrors } from './closing'
import { layOut } from './layout'
import { namesInRun } from './names'
import { pathBetween } from './path'

interface Open {
  readonly error: Vector
  readonly path: readonly { readonly leg: Leg; readonly along: Vector }[]
}

/** The first closing error of a run that is not nought, and the legs that can take it up. */
function openEnd(run: Run): Open | null {
  const fixed = run.nodes.filter(({ at }) => at)
  const [first] = fixed
  const layout = layOut(run)
  const errors = closingErrors(layout)
  const index = errors.findIndex(({ x, y, z }) => x !== 0 || y !== 0 || z !== 0)
  const end = fixed[index + 1]
  if (index < 0 || !first || !end) return null
  const { x, y, z } = errors[index]!
  return { error: [x, y, z], path: pathBetween(layout, first.id, end.id) }
}

const refuse = refusalsOf({
  id: 'close-run',
  messages: {
    short: sentence({ leg: 'leg 3', has: 40 }, ({ leg, has }, say) => `${leg}: has only ${say.length(has)} to give`),
    beside: sentence({ leg: 'leg 3' }, ({ leg }) => `${leg}: not on the way between the fixed points`),
    across: fixed('Closing: no leg lies in the direction of the error; turn one, or move the fixed point'),
  },
})

const rounded = (mm: number): number => Math.round(mm * 1000) / 1000

function lengthen(job: Job, run: string, leg: Leg, by: number): Job {
  if (!(leg.length + by > 0)) throw refuse('short', { leg: namesInRun(job, run).leg(leg.id), has: leg.length })
  return setLeg(job, run, leg.id, { length: rounded(leg.length + by) })
}

/**
 * The job with a run's closing error taken up in one leg, as far as it lies along that leg.
 *
 * @throws RangeError when the leg is not on the way between the fixed points, or has not enough length
 * @remarks for instance: 4 mm too short east, taken up in a leg east of 1000: 1004
 */
export function takeUpIn(job: Job, runId: string, legId: string): Job {
  const run = job.runs.find(({ id }) => id === runId)
  const open = run && openEnd(run)
  if (!open) return job
  const step = open.path.find(({ leg }) => leg.id === legId)
  if (!step) throw refuse('beside', { leg: namesInRun(job, runId).leg(legId) })
  return lengthen(job, runId, step.leg, dot(open.error, step.along))
}

/** Solves three equations of three unknowns; null where they do not determine them. */
function solveThree(matrix: readonly Vector[], right: Vector): Vector | null {
  const determinant = ([a, b, c]: readonly Vector[]): number =>
    a![0] * (b![1] * c![2] - b![2] * c![1]) -
    a![1] * (b![0] * c![2] - b![2] * c![0]) +
    a![2] * (b![0] * c![1] - b![1] * c![0])
  const whole = determinant(matrix)
  if (Math.abs(whole) < 1e-9) return null
  const solved = [0, 1, 2].map(
    (column) =>
      determinant(
        matrix.map(
          (row, index) => row.map((value, at) => (at === column ? right[index]! : value)) as unknown as Vector,
        ),
      ) / whole,
  )
  return [solved[0]!, solved[1]!, solved[2]!]
}

/**
 * The job with a run's closing error spread over all legs on the way, each in proportion to its length: the smallest
 * change for its length that closes the run (least squares).
 *
 * @throws RangeError when a leg has not enough length, or no leg lies in the direction of an error
 * @remarks for instance: 6 mm too short east over legs of 1000 and 2000 east: 1002 and 2004
 */
export function spreadClosing(job: Job, runId: string): Job {
  const run = job.runs.find(({ id }) => id === runId)
  const open = run && openEnd(run)
  if (!open) return job
  // A direction in which no leg lies cannot be closed: a little is added so that the others still can.
  const tiny = 1e-6
  const matrix = [0, 1, 2].map(
    (row) =>
      [0, 1, 2].map((column) =>
        open.path.reduce(
          (sum, { leg, along }) => sum + leg.length * along[row]! * along[column]!,
          row === column ? tiny : 0,
        ),
      ) as unknown as Vector,
  )
  const shares = solveThree(matrix, open.error)
  const closed =
    shares &&
    open.path.reduce((sum, { leg, along }) => {
      const by = leg.length * dot(along, shares)
      return sum.map((value, axis) => value - by * along[axis]!) as unknown as Vector
    }, open.error)
  if (!shares || !closed || lengthOf(closed) > 0.01) {
    throw refuse('across')
  }
  return open.path.reduce(
    (spread, { leg, along }) => lengthen(spread, runId, leg, leg.length * dot(along, shares)),
    job,
  )
}
