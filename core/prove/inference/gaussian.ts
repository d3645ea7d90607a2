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
export function whitened(lower: readonly Float64Array[], vector: ArrayLike<number>): Float64Array {
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

/** The vector that the lower triangle, times itself, makes into this one. */
export function solved(lower: readonly Float64Array[], vector: ArrayLike<number>): number[] {
  const result = Array.from(whitened(lower, vector))
  for (let row = result.length - 1; row >= 0; row -= 1) {
    for (let below = row + 1; below < result.length; below += 1) result[row]! -= lower[below]![row]! * result[below]!
    result[row]! /= lower[row]![row]!
  }
  return result
}
