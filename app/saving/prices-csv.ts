import { parse } from 'papaparse'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Units } from '~~/core/quantity/units'
import { readPriceRows, type PriceRow, type ReadPrices } from '~~/core/workshop/own-prices'

/** Prices and order codes from a CSV file: a list of what to bring, with columns for them added. */
export function readPricesCsv(text: string, units: Units): ReadPrices {
  const { data, meta } = parse<PriceRow>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  })
  const has = (column: string) => meta.fields?.includes(column) === true
  if (!has('item') || !(has('price') || has('code')))
    return { prices: {}, rows: [], problems: [{ line: 1, problem: 'the head line wants item, and price or code' }] }
  return readPriceRows(data, units, (item) => shippedCatalogue.pipe(item) !== undefined)
}
