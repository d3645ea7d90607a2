import type { Job } from '../job/job'
import type { Plan } from '../plan/types'
import type { Units } from '../quantity/units'
import type { Speaker } from '../quantity/words/speaks'
import { shippedCosts } from '../workshop/costs'
import type { Workshop } from '../workshop/workshop'
import type { Estimate } from './estimate'
import type { Range } from './range'

/** The workshop's currency; until it is said, that of the reader's region. */
export const currencyOf = ({ currency }: Pick<Workshop, 'currency'>, units: Units): string =>
  currency ?? (units === 'imperial' ? 'USD' : shippedCosts.currency)

/**
 * An amount that is not known to the penny, in words: from here to there, or one where the two are the same.
 *
 * @example aboutMoney({ low: 190.44, high: 218.04 }, 'EUR') // '€190 to €218'
 */
export function aboutMoney({ low, high }: Range, currency: string): string {
  const whole = new Intl.NumberFormat('en', { style: 'currency', currency, maximumFractionDigits: 0 })
  const [least, most] = [whole.format(low), whole.format(high)]
  return least === most ? least : `${least} to ${most}`
}

/** What an estimate is made up of, in the words of who reads it; tax and sum are apart. */
export const estimateLines = (
  { material, work, hire, travel }: Estimate,
  say: Pick<Speaker, 'trade'>,
): readonly (readonly [word: string, amount: Range])[] => [
  ['Material', material],
  ['Work', work],
  [say.trade('Tool hire'), hire],
  ['Travel', travel],
]

/**
 * What nobody priced, and the sum is without; empty where all is in it.
 *
 * @remarks for instance: a basin that the customer may have: Not in the sum, since nobody priced it: wash basin.
 */
export function notInSum({ from }: Pick<Estimate, 'from'>, say: Pick<Speaker, 'trade'>): string {
  const { unpriced } = from.material
  return unpriced.length === 0 ? '' : `Not in the sum, since nobody priced it: ${unpriced.map(say.trade).join(', ')}.`
}

/** What is done for it, in plain words. @remarks for instance: Cold to the sink: 8 joints, 5 pieces of pipe, ... */
export function whatIsDone({ runs }: Pick<Job, 'runs'>, { joints, pieces }: Plan, say: Pick<Speaker, 'trade'>): string {
  const counted = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`
  const made = [counted(joints.length, 'joint', 'joints'), counted(pieces.length, 'piece', 'pieces')].join(', ')
  return `${runs.map(({ name }) => say.trade(name)).join('; ')}: ${made} of pipe, tested before it is handed over.`
}
