import * as z from 'zod'
import { methods } from '../methods'
import { methodIds, type MethodId } from '../methods/ids'

const money = (what: string) => {
  const text = `${what}: a number from 0 to 100000`
  return z.number({ error: text }).min(0, text).max(100_000, text)
}

/** What one method costs: a joint's minutes and consumables, a coupling of the 15 mm or half-inch size, its tool. */
export const methodCostSchema = z.object({
  minutes: z.number({ error: 'minutes: a number from 0 to 600' }).min(0).max(600),
  fitting: money('fitting'),
  consumables: money('consumables'),
  tool: money('tool'),
})
export type MethodCost = z.output<typeof methodCostSchema>

export interface Costs {
  /** Three letters, such as EUR: shown, never converted. */
  readonly currency: string
  /** What an hour of work costs. */
  readonly hour: number
  readonly methods: Readonly<Record<MethodId, MethodCost>>
}

/** Prices and minutes as they ship: made up, to be replaced by the user's own. */
export const shippedCosts: Costs = {
  currency: 'EUR',
  hour: 48,
  methods: Object.fromEntries(
    methodIds.map((id) => [id, { minutes: methods[id].minutes, ...methods[id].costs }]),
  ) as Record<MethodId, MethodCost>,
}
