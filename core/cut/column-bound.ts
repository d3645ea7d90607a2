import type { CuttingProblem, Pattern } from './cutting-problem'
import { fillBest } from './fill'
import type { ColumnProgramme, Solver } from './solver'

/** What is still to be laid, and what is still there to lay it on. */
export interface Remaining {
  readonly demand: readonly number[]
  /** How many bars of each source are left; new ones without end. */
  readonly supply: readonly number[]
}

/** The cutting problem without whole numbers: no laying takes fewer new bars than its cost, rounded up. */
export interface ColumnBound {
  readonly cost: number
  /** The patterns in use, and how much of each. */
  readonly used: readonly { readonly pattern: Pattern; readonly amount: number }[]
}

/** A cost that differs from a whole number by less is that number. */
export const slack = 1e-6

export const newBars = (cost: number): number => Math.ceil(cost - slack)

/** A bar of each kind alone: with them every demand can be met. */
function plainPatterns({ sizes, sources }: CuttingProblem, demand: readonly number[]): Pattern[] {
  const [{ capacity }] = sources as [CuttingProblem['sources'][0]]
  return sizes.flatMap((size, kind) =>
    demand[kind]! > 0
      ? [
          {
            source: 0,
            counts: sizes.map((_, other) =>
              other === kind ? Math.min(demand[kind]!, Math.floor(capacity / size)) : 0,
            ),
          },
        ]
      : [],
  )
}

/**
 * Column generation (Gilmore and Gomory 1961): the programme of the patterns known so far gives each kind of piece a
 * price; the most valuable filling of a bar at these prices is the next pattern, until none is worth more than its bar.
 *
 * @param pool patterns known already; the new ones are added to it
 * @returns null when the solver finds no answer
 */
export function columnBound(
  problem: CuttingProblem,
  { demand, supply }: Remaining,
  pool: Pattern[],
  solver: Solver,
): ColumnBound | null {
  const { sizes, sources } = problem
  const rackRow = (source: number): number => sizes.length + source - 1
  const programme = solver.open([
    ...demand.map((count) => ({ least: count, most: Infinity })),
    ...sources.slice(1).map((_, index) => ({ least: 0, most: supply[index + 1]! })),
  ])
  const columns: Pattern[] = []
  const add = (pattern: Pattern) => {
    const entries = pattern.counts.flatMap((count, kind) => (count > 0 ? [[kind, count] as const] : []))
    const rack = pattern.source > 0 ? [[rackRow(pattern.source), 1] as const] : []
    programme.add(sources[pattern.source]!.cost, [...entries, ...rack])
    columns.push(pattern)
  }
  const fits = ({ counts, source }: Pattern) =>
    supply[source]! > 0 && counts.every((count, kind) => count <= demand[kind]!)
  try {
    for (const pattern of [...plainPatterns(problem, demand), ...pool.filter(fits)]) add(pattern)
    return priceColumns(
      problem,
      { demand, supply },
      {
        programme,
        columns,
        add: (pattern) => {
          pool.push(pattern)
          add(pattern)
        },
        rackRow,
      },
    )
  } finally {
    programme.close()
  }
}

function priceColumns(
  { sizes, sources }: CuttingProblem,
  { demand, supply }: Remaining,
  {
    programme,
    columns,
    add,
    rackRow,
  }: {
    readonly programme: ColumnProgramme
    readonly columns: readonly Pattern[]
    readonly add: (pattern: Pattern) => void
    readonly rackRow: (source: number) => number
  },
): ColumnBound | null {
  const priced = sources.map((_, source) => source).filter((source) => supply[source]! > 0)
  const capacities = priced.map((source) => sources[source]!.capacity)
  for (;;) {
    const answer = programme.solve()
    if (!answer) return null
    const items = sizes.map((size, kind) => ({ size, worth: answer.prices[kind]!, count: demand[kind]! }))
    let added = false
    fillBest(items, capacities).forEach(({ worth, counts }, index) => {
      const source = priced[index]!
      const price = source > 0 ? answer.prices[rackRow(source)]! : 0
      if (worth + price <= sources[source]!.cost + slack) return
      add({ source, counts })
      added = true
    })
    if (added) continue
    const used = columns.flatMap((pattern, index) =>
      answer.amounts[index]! > slack ? [{ pattern, amount: answer.amounts[index]! }] : [],
    )
    return { cost: answer.cost, used }
  }
}
