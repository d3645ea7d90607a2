/** A symmetric matrix above nought as the product of a lower triangle with itself (Cholesky), by rows; null where it is not. */
export function cholesky(matrix: readonly (readonly number[])[]): Float64Array[] | null {
  const size = matrix.length
  const lower = Array.from({ length: size }, () => new Float64Array(size))
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column <= row; column += 1) {
      let sum = matrix[row]![column]!
      for (let at = 0; at < column; at += 1) sum -= lower[row]![at]! * lower[column]![at]!
      if (row === column) {
        if (!(sum > 0)) return null
        lower[row]![row] = Math.sqrt(sum)
      } else lower[row]![column] = sum / lower[column]![column]!
    }
  }
  return lower
}

/** The vector that the lower triangle makes into this one. */
export function whitened(lower: readonly Float64Array[], vector: readonly number[]): Float64Array {
  const result = new Float64Array(vector.length)
  for (let row = 0; row < vector.length; row += 1) {
    let sum = vector[row]!
    for (let at = 0; at < row; at += 1) sum -= lower[row]![at]! * result[at]!
    result[row] = sum / lower[row]![row]!
  }
  return result
}

export const logDeterminant = (lower: readonly Float64Array[]): number =>
  2 * lower.reduce((sum, row, at) => sum + Math.log(row[at]!), 0)

const dot = (a: Float64Array, b: Float64Array): number => a.reduce((sum, value, at) => sum + value * b[at]!, 0)

/** A direction in which a prediction may be off, whitened, with its prior: mean and standard deviation. */
export interface Slack {
  readonly along: Float64Array
  readonly mean: number
  readonly deviation: number
}

/**
 * How likely a whitened residual is, less what is the same for all, when the prediction may be off along one or two
 * directions; and by how much it most likely is along each.
 */
export function likelihoodWith(
  residual: Float64Array,
  slacks: readonly Slack[],
): { readonly log: number; readonly off: readonly number[] } {
  const [one, two] = slacks
  const base = -0.5 * dot(residual, residual)
  if (!one) return { log: base, off: [] }
  const weight = (of: Slack) => 1 / of.deviation ** 2
  const pull = (of: Slack) => dot(of.along, residual) + of.mean * weight(of)
  const still = (of: Slack) => -0.5 * of.mean ** 2 * weight(of) - Math.log(of.deviation)
  const a = dot(one.along, one.along) + weight(one)
  if (!two) {
    const b = pull(one)
    return { log: base + (0.5 * b * b) / a - 0.5 * Math.log(a) + still(one), off: [b / a] }
  }
  const c = dot(two.along, two.along) + weight(two)
  const cross = dot(one.along, two.along)
  const [b, d] = [pull(one), pull(two)]
  const determinant = a * c - cross * cross
  const [x, y] = [(c * b - cross * d) / determinant, (a * d - cross * b) / determinant]
  return { log: base + 0.5 * (b * x + d * y) - 0.5 * Math.log(determinant) + still(one) + still(two), off: [x, y] }
}
