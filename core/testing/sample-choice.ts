import type { Arms, ChainChoice, NamedChoice } from '../job/job'

/** For tests: a fitting chosen by its name, with what stands on its arms. */
export const byName = (name: string, arms?: Arms): NamedChoice => ({ by: 'name', name, ...(arms && { arms }) })

/** For tests: fittings chosen one in the other, with the methods of their outer joints. */
export const chained = (fittings: readonly string[], joints: Readonly<ChainChoice['joints']>): ChainChoice => ({
  by: 'chain',
  fittings: [...fittings],
  joints: [...joints],
})
