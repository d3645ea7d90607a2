/** One row's share of a column. */
export type ColumnEntry = readonly [row: number, amount: number]

/** What a linear programme gives: how much of each column, and what one more of each row would cost. */
export interface ProgrammeAnswer {
  readonly cost: number
  readonly amounts: readonly number[]
  readonly prices: readonly number[]
}

/** A linear programme of least cost whose rows stand from the start and whose columns are added one by one. */
export interface ColumnProgramme {
  add(cost: number, entries: readonly ColumnEntry[]): void
  /** @returns null when no amounts keep every row */
  solve(): ProgrammeAnswer | null
  /**
   * Whole amounts only, searched for at most so many seconds and until none can be cheaper by a whole bar.
   *
   * @returns the best amounts found; null when none was
   */
  solveWhole(seconds: number): readonly number[] | null
  /** Gives back what the solver holds. */
  close(): void
}

/** The solver as the core needs it; who loads it hands it in, so that the core stays free of loading code. */
export interface Solver {
  /** @param rows least and most of each row's sum */
  open(rows: readonly { readonly least: number; readonly most: number }[]): ColumnProgramme
}
