import * as z from 'zod'
import { methodIds, methods, type MethodId } from '../catalogue/method'

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

/** [fitting, consumables, tool], made up: until the user enters his own. */
const demoCosts: Readonly<Record<MethodId, readonly [number, number, number]>> = {
  solder: [0.9, 0.5, 120],
  'press-metal': [3.8, 0, 900],
  'press-multilayer': [4.6, 0, 800],
  crimp: [1.3, 0.4, 90],
  clamp: [1.3, 0.5, 70],
  expansion: [2.1, 0.5, 420],
  'push-fit': [5.5, 0.6, 0],
  compression: [3.2, 0.1, 40],
  'compression-pe': [6.5, 0.4, 45],
  solvent: [0.8, 0.4, 25],
  thread: [2.4, 0.2, 80],
}

/** Prices and minutes as they ship: made up, to be replaced by the user's own. */
export const shippedCosts: Costs = {
  currency: 'EUR',
  hour: 48,
  methods: Object.fromEntries(
    methodIds.map((id) => {
      const [fitting, consumables, tool] = demoCosts[id]
      return [id, { minutes: methods[id].minutes, fitting, consumables, tool }]
    }),
  ) as Record<MethodId, MethodCost>,
}
