import { methods } from '../methods'
import { methodIds, type MethodId } from '../methods/ids'
import type { Costs } from '../workshop/costs'
import type { OwnedTool } from '../workshop/tools'
import type { Profile } from '../workshop/profile'
import { dearness } from './price'
import type { Verdict, VerdictKind } from './verdict'

export interface ComparedMethod {
  readonly method: MethodId
  readonly verdict: VerdictKind
  /** A joint's minutes; its share of a fitting, its consumables, and what it costs with its time. */
  readonly minutes: number
  readonly fitting: number
  readonly consumables: number
  readonly each: number
  /** What the tool costs where it is not owned, and nought where it is. */
  readonly tool: number
  /** Minutes to stay and watch for fire after each day's hot work. */
  readonly watch: number
  /** Minutes of a day's work, by which the watches are counted. */
  readonly day: number
  readonly skill: 'little' | 'some' | 'much'
  readonly demountable: boolean
}

/** From how many joints on one method costs less than another, its tool paid for. */
export interface BreakEven {
  readonly dearTool: MethodId
  readonly cheapTool: MethodId
  readonly joints: number
}

export interface Comparison {
  readonly rows: readonly ComparedMethod[]
  /** What each method costs over 0 to `upTo` joints, the tool once, a fire watch each day of hot work. */
  readonly curves: readonly { readonly method: MethodId; readonly costs: readonly number[] }[]
  readonly breakEvens: readonly BreakEven[]
}

/** What is made. */
export const comparedFittings = ['coupling', 'elbow 90', 'tee'] as const
export type ComparedFitting = (typeof comparedFittings)[number]

const cents = (amount: number): number => Math.round(amount * 100) / 100

function rowOf(
  { method, verdict }: Verdict,
  {
    costs,
    profile,
    owned,
    kind,
  }: {
    readonly costs: Costs
    readonly profile: Profile
    readonly owned: ReadonlySet<MethodId>
    readonly kind: ComparedFitting
  },
): ComparedMethod {
  const { minutes, fitting: coupling, consumables, tool } = costs.methods[method]
  // A fitting is priced by its ends, each half a coupling, and by its kind: so is a joint's share of it.
  const fitting = (coupling / 2) * dearness[kind]
  return {
    method,
    verdict,
    minutes,
    fitting: cents(fitting),
    consumables: cents(consumables),
    each: cents(fitting + consumables + (minutes / 60) * costs.hour),
    tool: owned.has(method) ? 0 : tool,
    watch: methods[method].hot ? profile.fireWatch : 0,
    day: profile.workDay,
    skill: methods[method].practice,
    demountable: methods[method].demountable,
  }
}

/** Minutes of watching for fire over so many joints: once at the end of each day on which any is made. */
function watchOver({ watch, minutes, day }: ComparedMethod, joints: number): number {
  return watch * Math.ceil((joints * minutes) / day)
}

/**
 * Hours of work over so many joints, fire watches included; waits that need no hand are not.
 *
 * @remarks for instance: joints of 12 minutes, a watch of 60, days of 420: 40 joints are 8 hours and two watches, 10 hours
 */
export const hoursOver = (row: ComparedMethod, joints: number): number =>
  (joints * row.minutes + watchOver(row, joints)) / 60

/**
 * What a method costs over so many joints: each joint, the tool once, and a fire watch each day; 0 where nothing is made.
 *
 * @remarks for instance: a joint at 3.50, a tool at 120, no watch, 10 joints: 155
 */
export function costOver(row: ComparedMethod, joints: number, costs: Costs): number {
  return joints === 0 ? 0 : cents(row.tool + (watchOver(row, joints) / 60) * costs.hour + row.each * joints)
}

/** So far a break-even is sought. */
const mostJoints = 1000

/** The last number of joints at which the one is still no cheaper than the other, within what is sought. */
function breakEven(dear: ComparedMethod, cheap: ComparedMethod, costs: Costs): BreakEven[] {
  if (dear.tool <= cheap.tool) return []
  const isDearer = (joints: number) => costOver(dear, joints, costs) > costOver(cheap, joints, costs)
  const counts = Array.from({ length: mostJoints }, (_, index) => index + 1)
  const last = counts.findLast(isDearer)
  return last === undefined || last === mostJoints
    ? []
    : [{ dearTool: dear.method, cheapTool: cheap.method, joints: last + 1 }]
}

const breakEvensOf = (rows: readonly ComparedMethod[], costs: Costs): BreakEven[] =>
  rows.flatMap((dear) => rows.flatMap((cheap) => breakEven(dear, cheap, costs)))

/**
 * The methods that are not refused, compared over a number of joints by the user's prices and minutes.
 *
 * A joint's material is its share of the fitting and its consumables: a coupling or an elbow makes two joints, a tee three.
 *
 * @param tools the tools that are owned, which cost nothing more; undefined when nothing was said: none is owned
 * @param upTo joints, a whole number from 1
 * @throws RangeError when `upTo` is not
 */
export function compareMethods(
  verdicts: readonly Verdict[],
  {
    costs,
    profile,
    tools,
    upTo,
    kind = 'coupling',
  }: {
    readonly costs: Costs
    readonly profile: Profile
    readonly tools?: readonly OwnedTool[] | undefined
    readonly upTo: number
    readonly kind?: ComparedFitting
  },
): Comparison {
  if (!Number.isInteger(upTo) || upTo < 1) throw new RangeError('joints: a whole number from 1')
  const owned = new Set((tools ?? []).map(({ method }) => method))
  const rows = methodIds.flatMap((id) => {
    const verdict = verdicts.find(({ method }) => method === id)
    // A thread that needs an adapter first is no way of joining this pipe.
    const byAdapter = methods[id].threaded && verdict?.verdict === 'caution'
    return verdict && verdict.verdict !== 'refuse' && !byAdapter
      ? [rowOf(verdict, { costs, profile, owned, kind })]
      : []
  })
  return {
    rows: [...rows].sort((a, b) => costOver(a, upTo, costs) - costOver(b, upTo, costs)),
    curves: rows.map((row) => ({
      method: row.method,
      costs: Array.from({ length: upTo + 1 }, (_, joints) => costOver(row, joints, costs)),
    })),
    breakEvens: breakEvensOf(rows, costs),
  }
}
