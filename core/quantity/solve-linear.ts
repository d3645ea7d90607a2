/**
 * The solution of as many linear equations as unknowns, by elimination with the largest pivot; null where they do not
 * determine it.
 *
 * @param matrix one row an equation, each as long as there are rows
 * @example solveLinear([[2, 1], [1, 3]], [5, 10]) // [1, 3]
 * @example solveLinear([[1, 2], [2, 4]], [1, 2]) // null
 */
export function solveLinear(matrix: readonly (readonly number[])[], right: readonly number[]): number[] | null {
  const rows = matrix.map((row, at) => [...row, right[at]!])
  const count = rows.length
  const largest = Math.max(...rows.flatMap((row) => row.slice(0, count).map(Math.abs)))
  for (let column = 0; column < count; column += 1) {
    let pivot = column
    for (let at = column + 1; at < count; at += 1)
      if (Math.abs(rows[at]![column]!) > Math.abs(rows[pivot]![column]!)) pivot = at
    if (!(Math.abs(rows[pivot]![column]!) > largest * 1e-12)) return null
    ;[rows[column], rows[pivot]] = [rows[pivot]!, rows[column]!]
    for (let at = column + 1; at < count; at += 1) {
      const factor = rows[at]![column]! / rows[column]![column]!
      if (factor !== 0)
        for (let beside = column; beside <= count; beside += 1) rows[at]![beside]! -= factor * rows[column]![beside]!
    }
  }
  const solution = new Array<number>(count).fill(0)
  for (let at = count - 1; at >= 0; at -= 1) {
    const known = solution.reduce((sum, value, beside) => (beside > at ? sum + rows[at]![beside]! * value : sum), 0)
    solution[at] = (rows[at]![count]! - known) / rows[at]![at]!
  }
  return solution
}
