import type { Catalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import type { Plan } from '../plan/types'
import type { OwnPrices } from '../workshop/own-prices'
import { labourOf, type Labour, type LabourAsked } from './labour'
import { materialOf, type Material } from './material'
import { exactly, outBy, sumOfRanges, timesRange, type Range } from './range'

/** What a job comes to, each part with its margin in it, and the tax on all. */
export interface Estimate {
  readonly material: Range
  readonly work: Range
  readonly hire: Range
  readonly travel: Range
  readonly beforeTax: Range
  readonly tax: Range
  readonly total: Range
  /** What it was worked out from, before the margin. */
  readonly from: { readonly material: Material; readonly labour: Labour; readonly hired: readonly MethodId[] }
}

export interface EstimateAsked extends LabourAsked {
  /** The methods whose tool the workshop has. */
  readonly owned: ReadonlySet<MethodId>
  /** What items cost at the workshop's merchant. */
  readonly prices?: OwnPrices
}

/**
 * What a job costs, as a range: prices and minutes may be out, and what was really taken is not. Dear tools that are not
 * owned are hired by the visit.
 *
 * @remarks for instance: material 100 ± 10 %, one hour at 48 exactly, margin 15 %, tax 20 %: 190.44 to 218.04
 */
export function estimate(catalogue: Catalogue, plan: Plan, asked: EstimateAsked): Estimate {
  const { costs, rates, owned, visits } = asked
  const material = materialOf(catalogue, plan, asked)
  const labour = labourOf(plan, asked)
  const used = [...new Set(plan.joints.map(({ method }) => method))]
  const isHired = (method: MethodId) =>
    methods[method].needsTool && !owned.has(method) && costs.methods[method].tool >= rates.hireFrom
  const hired = used.filter(isHired)
  const withMargin = (range: Range): Range => timesRange(range, 1 + rates.margin / 100)
  const bought = material.pipe + material.fittings + material.small + material.clips + material.fixtures
  const minutes = sumOfRanges([labour.joints, labour.cutting, labour.water, labour.watch, labour.waits ?? exactly(0)])
  const aDay = hired.reduce((sum, method) => sum + (costs.methods[method].tool * rates.hire) / 100, 0)
  const parts = {
    material: withMargin(outBy(bought, rates.priceSpread)),
    work: withMargin(timesRange(minutes, costs.hour / 60)),
    hire: withMargin(exactly(aDay * visits)),
    travel: withMargin(exactly(rates.travel * visits)),
  }
  const beforeTax = sumOfRanges(Object.values(parts))
  const tax = timesRange(beforeTax, rates.tax / 100)
  return { ...parts, beforeTax, tax, total: sumOfRanges([beforeTax, tax]), from: { material, labour, hired } }
}
