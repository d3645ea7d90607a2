/**
 * How far to trust a figure, surest first:
 * - `measured`: a user measured the part in the hand
 * - `maker`: a user typed it in from the maker's sheet
 * - `standard`: a published dimension
 * - `guidance`, `model code`: published advice that a local code can overrule
 * - `typical`: differs by maker; good enough to plan with
 */
export const bases = ['measured', 'maker', 'standard', 'guidance', 'model code', 'typical'] as const
export type Basis = (typeof bases)[number]

const rank: Record<Basis, number> = { measured: 0, maker: 1, standard: 2, guidance: 3, 'model code': 3, typical: 4 }

/**
 * The basis of a figure that rests on several: the least sure of them.
 *
 * @example weakestBasis(['standard', 'typical']) // 'typical'
 * @throws RangeError when no basis is given: a figure that rests on nothing has no basis.
 */
export function weakestBasis(of: readonly Basis[]): Basis {
  const [first, ...rest] = of
  if (first === undefined) throw new RangeError('weakestBasis needs at least one basis')
  return rest.reduce((weakest, basis) => (rank[basis] > rank[weakest] ? basis : weakest), first)
}

/** A length in millimetres with its tolerance (±, millimetres) and what it rests on. */
export interface Figure {
  readonly mm: number
  readonly tolerance: number
  readonly basis: Basis
}
