import * as z from 'zod'
import { inch, type Units } from '../quantity/units'

const priceText = 'a price: a number from 0 to 100000'
const codeText = 'an order code of 1 to 60 characters'

/** What an item costs at the workshop's own merchant, and what it is ordered by there. */
export const ownPriceSchema = z.strictObject({
  /** Of one; of pipe, of a metre. */
  price: z.number(priceText).min(0, priceText).max(100_000, priceText).optional(),
  code: z.string(codeText).trim().min(1, codeText).max(60, codeText).optional(),
})
export type OwnPrice = z.output<typeof ownPriceSchema>
/** Prices and codes by the item that a list names. */
export type OwnPrices = Readonly<Record<string, OwnPrice>>

/** Whether anything is ordered by a code. */
const hasCodes = (prices: OwnPrices): boolean => Object.values(prices).some(({ code }) => code !== undefined)

/** A list's last column: by which code of one's own each item is ordered. There is none where nothing has a code. */
export interface CodeColumn {
  readonly head: readonly string[]
  of(item: string): readonly (string | null)[]
}

/** The column of order codes that goes with these prices. */
export const codeColumn = (prices: OwnPrices = {}): CodeColumn =>
  hasCodes(prices) ? { head: ['code'], of: (item) => [prices[item]?.code ?? null] } : { head: [], of: () => [] }

export const ownPricesSchema = z.record(
  z.string().min(1, 'an item').max(160, 'an item of at most 160 characters'),
  ownPriceSchema,
)

/** A row of a price list, cell by cell. */
export type PriceRow = Readonly<Partial<Record<'item' | 'price' | 'code', string>>>

export interface ReadPrices {
  readonly prices: OwnPrices
  /** The rows that it takes, as they were written. */
  readonly rows: readonly { readonly item: string; readonly price: string; readonly code: string }[]
  /** What is not accepted, by the line of the file: 1 is the head. */
  readonly problems: readonly { readonly line: number; readonly problem: string }[]
}

/** One mark with three digits after it: thousands here, thousandths there. */
const isUnclear = (text: string): boolean => /^\d{1,3}[.,]\d{3}$/.test(text)
const feetPerMetre = 1000 / (12 * inch)
/** A number as people on either side of the Channel write it: 1234.50, 1234,50, 1,234.50, 1.234,50. */
function amountOf(text: string): number {
  const plain = text.replace(/[\s']/g, '')
  const [, whole = '', mark = '', cents = ''] = /^(\d{1,3}(?:[.,]\d{3})+|\d+)(?:([.,])(\d+))?$/.exec(plain) ?? []
  // One mark is of thousands or of cents, never of both.
  const isMixed = mark !== '' && whole.includes(mark)
  return whole === '' || isMixed ? NaN : Number(`${whole.replace(/[.,]/g, '')}.${cents || '0'}`)
}

/**
 * Prices and order codes from the rows of a list: a row without either says nothing.
 *
 * @param isPipe whether an item is pipe, whose price is of a metre or, in inches, of a foot
 */
export function readPriceRows(rows: readonly PriceRow[], units: Units, isPipe: (item: string) => boolean): ReadPrices {
  const prices: Record<string, OwnPrice> = {}
  const taken: { item: string; price: string; code: string }[] = []
  const problems: { line: number; problem: string }[] = []
  for (const [at, { item = '', price = '', code = '' }] of rows.entries()) {
    const [name, typed, ordered] = [item.trim(), price.trim(), code.trim()]
    if (typed === '' && ordered === '') continue
    const perOne = amountOf(typed)
    const amount = isPipe(name) && units === 'imperial' ? perOne * feetPerMetre : perOne
    const read = ownPriceSchema.safeParse({
      ...(typed !== '' && { price: amount }),
      ...(ordered !== '' && { code: ordered }),
    })
    const problem =
      name === ''
        ? 'no item: what a list calls it'
        : name in prices
          ? `${name} stands there twice`
          : isUnclear(typed)
            ? `${typed} is read as thousands here and as thousandths there: write it without that mark, or with two digits after it`
            : read.error?.issues[0]?.message
    if (problem !== undefined || !read.success) problems.push({ line: at + 2, problem: problem ?? priceText })
    else {
      prices[name] = read.data
      taken.push({ item: name, price: typed, code: ordered })
    }
  }
  return { prices, rows: taken, problems }
}
