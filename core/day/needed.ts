import { listedLength, type ListTable } from '../record/lists'
import type { Units } from '../quantity/units'
import type { Needed } from '../van/van-list'

/** A length by which things of one length are told apart, to the hundredth of a millimetre. */
const toHundredths = (mm: number): number => Math.round(mm * 100) / 100

/**
 * What a list asks of the van, thing by thing. What has no count comes by the tin or roll: one of it.
 *
 * @param units those in which the list's lengths are
 */
export const neededBy = ({ rows }: ListTable, units: Units): Needed[] =>
  rows.map(([count = null, what, item, length]) => ({
    item: String(item),
    what: String(what),
    ...asked(count, length === null || length === undefined ? null : toHundredths(listedLength(Number(length), units))),
  }))

const asked = (count: string | number | null, mm: number | null): Pick<Needed, 'count' | 'mm' | 'ofTin'> =>
  count === null ? { count: 1, mm: null, ofTin: { mm } } : { count: Number(count), mm }
