import { inUnits, unitOf, type ListTable } from '../record/lists'
import { codeColumn, type OwnPrices } from '../workshop/own-prices'
import type { Units } from '../quantity/units'
import type { Van } from '../van/van'
import type { Loaded } from '../van/van-list'

/** What to bring to several jobs as a table, with what of it is in the van, what is to be got, and by which code. */
export function bringFromVan(loaded: readonly Loaded[], units: Units, prices: OwnPrices): ListTable {
  const codes = codeColumn(prices)
  return {
    title: 'What to bring',
    head: [
      ...['count', 'what', 'item', `length, ${unitOf(units)}`, 'in the van', 'of them for visits before', 'to get'],
      ...codes.head,
    ],
    rows: loaded.map(({ count, what, item, mm, ofTin, there, promised, missing }) => [
      ofTin ? null : count,
      what,
      item,
      inUnits(ofTin ? ofTin.mm : mm, units),
      there,
      promised,
      missing,
      ...codes.of(item),
    ]),
  }
}

/** All that is in the van as a table, with how many there are always to be. */
export const vanTable = ({ items }: Van, units: Units): ListTable => ({
  title: 'Van',
  head: ['count', 'what', 'item', `length, ${unitOf(units)}`, 'always there'],
  rows: items.map(({ count, what, item, mm, least }) => [count, what, item, inUnits(mm, units), least]),
})
