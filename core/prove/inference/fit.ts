import { cholesky, logDeterminant, solved, whitened } from './gaussian'
import type { Supposed } from './forward'

/** A figure that is not known: what is likely of it beforehand, and between which it lies. */
export interface Unknown {
  readonly of: Exclude<keyof Supposed, 'system' | 'flow'>
  readonly mean: number
  readonly deviation: number
  readonly low: number
  readonly high: number
}

export interface Fit {
  /** Logarithm of how likely the readings are, over all that is not known; up to what is the same for all. */
  readonly log: number
  readonly supposed: Supposed
  /** What it leaves unexplained, in standard deviations. */
  readonly left: Float64Array
}

/** What is weighed: readings, their errors, and what follows from a supposition. */
export interface Weighing {
  readonly bar: readonly number[]
  /** Lower root of the errors' covariance. */
  readonly lower: readonly Float64Array[]
  readonly predict: (supposed: Supposed) => Float64Array
}

/** A figure is moved by so much of its deviation to see what it does. */
const nudge = 0.02
const rounds = 3
/** Nothing is gained any more by another round. */
const settled = 0.1
/** A whole move, or part of it where that leads astray. */
const shares = [1, 0.4, 0.1]

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0
  for (let at = 0; at < a.length; at += 1) sum += a[at]! * b[at]!
  return sum
}

interface Place {
  readonly supposed: Supposed
  readonly predicted: Float64Array
  readonly left: Float64Array
  readonly cost: number
}

function placeAt(supposed: Supposed, unknowns: readonly Unknown[], { bar, lower, predict }: Weighing): Place {
  const predicted = predict(supposed)
  const apart = new Float64Array(predicted.length)
  for (let index = 0; index < apart.length; index += 1) apart[index] = bar[index]! - predicted[index]!
  const left = whitened(lower, apart)
  let off = 0
  for (const { of, mean, deviation } of unknowns) off += ((supposed[of] - mean) / deviation) ** 2
  return { supposed, predicted, left, cost: 0.5 * (dot(left, left) + off) }
}

/** What each figure does to the readings, whitened, by one of it. */
const slopesAt = ({ supposed, predicted }: Place, unknowns: readonly Unknown[], { lower, predict }: Weighing) =>
  unknowns.map(({ of, deviation, high }) => {
    const step = supposed[of] + nudge * deviation > high ? -nudge * deviation : nudge * deviation
    const moved = predict({ ...supposed, [of]: supposed[of] + step })
    for (let index = 0; index < moved.length; index += 1) moved[index] = (moved[index]! - predicted[index]!) / step
    return whitened(lower, moved)
  })

/**
 * The figures that explain the readings best, each weighed against what is likely of it beforehand (Gauss and Newton), and
 * how likely the readings are over all of them about there (Laplace).
 *
 * @param from where the search begins
 */
export function fit(from: Supposed, unknowns: readonly Unknown[], weighing: Weighing): Fit {
  let best = placeAt(from, unknowns, weighing)
  let root: Float64Array[] | null = null
  for (let round = 0; round < rounds && unknowns.length > 0; round += 1) {
    const slopes = slopesAt(best, unknowns, weighing)
    const weights = unknowns.map(({ deviation }) => 1 / deviation ** 2)
    root = cholesky(slopes.map((a, row) => slopes.map((b, column) => dot(a, b) + (row === column ? weights[row]! : 0))))
    if (!root) break
    const { supposed, left, cost } = best
    const move = solved(
      root,
      unknowns.map(({ of, mean }, index) => dot(slopes[index]!, left) - (supposed[of] - mean) * weights[index]!),
    )
    let next: Place | undefined
    for (const share of shares) {
      const place = placeAt(movedBy(supposed, unknowns, move, share), unknowns, weighing)
      if (place.cost < cost) {
        next = place
        break
      }
    }
    if (!next) break
    best = next
    if (cost - next.cost < settled) break
  }
  let narrowed = root ? logDeterminant(root) / 2 : 0
  for (const { deviation } of unknowns) narrowed += Math.log(deviation)
  return { log: -best.cost - narrowed, supposed: best.supposed, left: best.left }
}

function movedBy(supposed: Supposed, unknowns: readonly Unknown[], move: readonly number[], share: number): Supposed {
  const moved: { -readonly [key in keyof Supposed]: Supposed[key] } = { ...supposed }
  unknowns.forEach(({ of, low, high }, index) => {
    moved[of] = Math.min(high, Math.max(low, supposed[of] + share * move[index]!))
  })
  return moved
}
