import { safeRead } from '../quantity/safe-read'
import * as z from 'zod'
import type { Bender } from '../bend/bender'
import { benderSchema } from '../bend/bender-schema'
import { ownFixtureSchema, type OwnFixture } from '../catalogue/own-fixture'
import { methodIds, type MethodId } from '../methods/ids'
import { fieldProblems, unknownFields, type FieldProblem } from '../quantity/words/field-problem'
import { checkedToolSchema, type CheckedTool } from './checked-tool'
import { methodCostSchema, shippedCosts, type Costs, type MethodCost } from './costs'
import type { OwnedTool } from './tools'
import { ownPricesSchema, type OwnPrices } from './own-prices'
import { ratesSchema, shippedRates, type Rates } from './rates'
import { toolsSchema } from './tools-schema'
import { ownPatternSchema, type OwnPattern } from './own-pattern-schema'
import type { OwnTest } from './own-test-schema'
import { ownTestSchema } from './own-test-schema'
import type { OwnProfile } from './profile'
import { ownProfileSchema } from './profile-schema'

const ownKey = z.string().regex(/^[a-z0-9-]{1,40}$/)
const currencyText = 'currency: three letters, such as EUR'

/** What a workshop says of itself, for all its jobs: prices, minutes, tools, profiles and benders of its own. What is unsaid is as shipped. */
export const workshopSchema = z.object({
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, currencyText)
    .optional(),
  hour: z.number({ error: 'an hour of work: a number from 0 to 10000' }).min(0).max(10_000).optional(),
  methods: z.partialRecord(z.enum(methodIds), methodCostSchema.partial()).default({}),
  rates: ratesSchema.partial().optional(),
  prices: ownPricesSchema.optional(),
  tools: toolsSchema.optional(),
  profiles: z.record(ownKey, ownProfileSchema).default({}),
  benders: z.record(ownKey, benderSchema).default({}),
  tests: z.record(ownKey, ownTestSchema).default({}),
  people: z.array(z.string().trim().min(1, 'a name').max(80, 'a name of at most 80 characters')).max(100).default([]),
  checkedTools: z.record(ownKey, checkedToolSchema).default({}),
  fixtures: z.record(ownKey, ownFixtureSchema).optional(),
  patterns: z.record(ownKey, ownPatternSchema).optional(),
  turns: z
    .record(
      z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'a day as 2026-12-01'),
      z.array(z.string().min(1).max(200)).max(100, 'at most 100 visits'),
    )
    .optional(),
})
export interface Workshop {
  readonly currency?: string
  readonly hour?: number
  readonly methods: Readonly<Partial<Record<MethodId, Partial<MethodCost>>>>
  readonly rates?: Partial<Rates>
  /** What items cost at its merchant, and what they are ordered by there. */
  readonly prices?: OwnPrices
  readonly tools?: readonly OwnedTool[]
  readonly profiles: Readonly<Record<string, OwnProfile>>
  readonly benders: Readonly<Record<string, Bender>>
  /** Tests under pressure of its own. */
  readonly tests: Readonly<Record<string, OwnTest>>
  readonly people: readonly string[]
  /** Press and gauge tools whose checks are kept. */
  readonly checkedTools: Readonly<Record<string, CheckedTool>>
  /** Things that pipe leads to and that no table has. */
  readonly fixtures?: Readonly<Record<string, OwnFixture>>
  /** Jobs, and parts of them, to begin others from. */
  readonly patterns?: Readonly<Record<string, OwnPattern>>
  /** The visits of a day in the turn in which they are gone to, where somebody said it: each by its job and its own id. */
  readonly turns?: Readonly<Record<string, readonly string[]>>
}

export const emptyWorkshop: Workshop = {
  methods: {},
  profiles: {},
  benders: {},
  tests: {},
  people: [],
  checkedTools: {},
}

/** One thing set: a path into the workshop, and its value; null takes it away, back to what ships. */
export const workshopChangeSchema = z.object({
  path: z.array(z.string().min(1).max(160)).min(1).max(5),
  value: z.unknown(),
})
export interface WorkshopChange {
  readonly path: readonly string[]
  readonly value: unknown
}

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)

function setIn(tree: Tree, [key, ...rest]: readonly string[], value: unknown): Tree {
  if (key === undefined) return tree
  const { [key]: before, ...others } = tree
  if (rest.length > 0) return { ...others, [key]: setIn(isTree(before) ? before : {}, rest, value) }
  return value === null || value === undefined ? others : { ...others, [key]: value }
}

export type ChangedWorkshop =
  { readonly ok: true; readonly workshop: Workshop } | { readonly ok: false; readonly fields: readonly FieldProblem[] }

/**
 * A workshop with some things set. Every change stands for itself, so that two people's changes do not undo each other.
 *
 * @returns the workshop, or what is wrong: a value that is not accepted, a path that leads to nothing
 * @example applyChanges(emptyWorkshop, [{ path: ['methods', 'solder', 'minutes'], value: 9 }]).workshop.methods.solder // { minutes: 9 }
 */
export function applyChanges(workshop: Workshop, changes: readonly WorkshopChange[]): ChangedWorkshop {
  const tree = changes.reduce<Tree>((before, { path, value }) => setIn(before, path, value), { ...workshop })
  const read = safeRead(workshopSchema, tree)
  if (!read.success) return { ok: false, fields: fieldProblems(read.error) }
  // What an older program left there is no fault of this change.
  const old = new Set(unknownFields(workshop, read.data).map(({ field }) => field))
  const fields = unknownFields(tree, read.data).filter(({ field }) => !old.has(field))
  return fields.length > 0 ? { ok: false, fields } : { ok: true, workshop: read.data as Workshop }
}

/** The workshop's prices and minutes, what it does not say as shipped. */
export function costsOf({ currency, hour, methods }: Workshop): Costs {
  const ids = Object.keys(shippedCosts.methods) as MethodId[]
  return {
    currency: currency ?? shippedCosts.currency,
    hour: hour ?? shippedCosts.hour,
    methods: Object.fromEntries(
      ids.map((id) => [id, { ...shippedCosts.methods[id], ...methods[id] }]),
    ) as Costs['methods'],
  }
}

/** What the workshop works a job’s cost out by, what it does not say as shipped. */
export const ratesOf = ({ rates }: Workshop): Rates => ({ ...shippedRates, ...rates })
