import { shippedFitting } from '../catalogue/fittings'
import type { Catalogue } from '../catalogue/catalogue'
import { fittingPrice } from '../join/price'
import type { Plan } from '../plan/types'
import type { Costs } from '../workshop/costs'
import type { OwnPrices } from '../workshop/own-prices'
import type { Rates } from '../workshop/rates'

/** What a job's material comes to, at the workshop's prices. */
export interface Material {
  readonly pipe: number
  readonly fittings: number
  /** Solder, flux, rings, inserts, washers, tape. */
  readonly small: number
  readonly clips: number
  /** What pipe leads to, where the workshop has its price. */
  readonly fixtures: number
  /** What nobody priced: it is not in the sum. */
  readonly unpriced: readonly string[]
}

const metre = 1000
const reference = 15
/** Pipe and clips go with the surface, as fittings do. */
const growth = 1.4

const bySize = (price: number, od: number): number => price * (od / reference) ** growth

/**
 * What is bought for a job: whole stock lengths, not what is cut of them; every item by its own price where there is one.
 *
 * @remarks for instance: 1.4 m of 15 copper at 6 a metre, laid on one length of 3 m: 18
 */
export function materialOf(
  catalogue: Catalogue,
  plan: Plan,
  { costs, rates, prices = {} }: { readonly costs: Costs; readonly rates: Rates; readonly prices?: OwnPrices },
): Material {
  const ownPrice = (item: string): number | undefined => prices[item]?.price
  const pipe = plan.stock.reduce((sum, { pipe: id, length, bars }) => {
    const bought = bars.filter(({ offcut }) => offcut === undefined).length
    return sum + bought * (length / metre) * (ownPrice(id) ?? bySize(rates.metre, catalogue.pipe(id)!.od))
  }, 0)
  const priced = plan.fittings.map(({ item, label, count }) => {
    const fitting = shippedFitting(item)
    const each = ownPrice(item) ?? (fitting ? fittingPrice(fitting, costs) : null)
    return { label, amount: each === null ? null : count * each }
  })
  const fixtures = plan.fixtures.map(({ item, label, count }) => ({ label, amount: ownPrice(item) ?? null, count }))
  const counted = plan.sundries.reduce((sum, { item, count }) => sum + count * (ownPrice(item) ?? rates.small), 0)
  const consumed = plan.joints.reduce((sum, { method }) => sum + costs.methods[method].consumables, 0)
  return {
    pipe,
    fittings: priced.reduce((sum, { amount }) => sum + (amount ?? 0), 0),
    small: consumed + counted,
    clips: plan.clipCounts.reduce((sum, { item, count }) => sum + count * (ownPrice(item) ?? rates.clip), 0),
    fixtures: fixtures.reduce((sum, { amount, count }) => sum + count * (amount ?? 0), 0),
    unpriced: [...priced, ...fixtures].flatMap(({ label, amount }) => (amount === null ? [label] : [])),
  }
}
