/** So many figures are chosen to fit, as far as readings choose them: the flow, and what goes with it. */
const fitted = 2
/** Fewer signs than these tell nothing of their runs. */
const fewestSigns = 8

/**
 * A chi-square against its freedom as standard deviations of a normal (Wilson and Hilferty's cube root).
 */
function deviationsOf(chiSquare: number, freedom: number): number {
  const spread = 2 / (9 * freedom)
  return (Math.cbrt(chiSquare / freedom) - (1 - spread)) / Math.sqrt(spread)
}

/** By how much fewer runs of one sign there are than chance makes, in standard deviations (Wald and Wolfowitz); 0 where too few tell. */
function missingRuns(residual: readonly number[]): number {
  const signs = residual.filter((value) => value !== 0).map((value) => value > 0)
  const above = signs.filter(Boolean).length
  const below = signs.length - above
  if (signs.length < fewestSigns || above === 0 || below === 0) return 0
  const runs = 1 + signs.slice(1).filter((sign, at) => sign !== signs[at]).length
  const all = above + below
  const expected = 1 + (2 * above * below) / all
  const variance = ((expected - 1) * (expected - 2)) / (all - 1)
  return variance > 0 ? (expected - runs) / Math.sqrt(variance) : 0
}

/**
 * How badly an explanation fits: its whitened residuals against their freedom, and their runs of one sign, whichever is
 * worse, in standard deviations.
 *
 * @param residual each of one standard deviation, where the explanation holds
 */
export function misfitOf(residual: Float64Array): number {
  const freedom = Math.max(1, residual.length - fitted)
  const chiSquare = residual.reduce((sum, value) => sum + value * value, 0)
  return Math.max(deviationsOf(chiSquare, freedom), missingRuns([...residual]))
}
