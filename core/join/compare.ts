import { methodIds, methods, type MethodId } from '../catalogue/method'
import type { Costs } from '../job/costs'
import type { OwnedTool } from '../job/place'
import type { Profile } from '../job/profile'
import type { Verdict, VerdictKind } from './verdict'

/** How much practice a method asks for; a judgement, not a measure. */
const skills: Readonly<Record<MethodId, 'little' | 'some' | 'much'>> = {
  solder: 'much',
  'press-metal': 'some',
  'press-multilayer': 'some',
  crimp: 'some',
  clamp: 'some',
  expansion: 'some',
  'push-fit': 'little',
  compression: 'some',
  'compression-pe': 'little',
  solvent: 'some',
  thread: 'much',
}

export interface ComparedMethod {
  readonly method: MethodId
  readonly verdict: VerdictKind
  /** A joint's minutes; what it costs in fittings, consumables and time. */
  readonly minutes: number
  readonly material: number
  readonly each: number
  /** What the tool costs where it is not owned, and nought where it is. */
  readonly tool: number
  /** Minutes to stay and watch for fire after the last joint. */
  readonly watch: number
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
  /** What each method costs over 0 to `upTo` joints, fire watch and tool counted once. */
  readonly curves: readonly { readonly method: MethodId; readonly costs: readonly number[] }[]
  readonly breakEvens: readonly BreakEven[]
}

const cents = (amount: number): number => Math.round(amount * 100) / 100

function rowOf(
  { method, verdict }: Verdict,
  costs: Costs,
  profile: Profile,
  owned: ReadonlySet<MethodId>,
): ComparedMethod {
  const { minutes, fitting, consumables, tool } = costs.methods[method]
  const material = fitting / 2 + consumables
  return {
    method,
    verdict,
    minutes,
    material: cents(material),
    each: cents(material + (minutes / 60) * costs.hour),
    tool: owned.has(method) ? 0 : tool,
    watch: methods[method].hot ? profile.fireWatch : 0,
    skill: skills[method],
    demountable: methods[method].demountable,
  }
}

const once = ({ tool, watch }: ComparedMethod, costs: Costs): number => tool + (watch / 60) * costs.hour

/**
 * What a method costs over so many joints: each joint, and once the tool and the fire watch; 0 where nothing is made.
 *
 * @example a joint at 3.50, a tool at 120, no watch, 10 joints: 155
 */
export function costOver(row: ComparedMethod, joints: number, costs: Costs): number {
  return joints === 0 ? 0 : cents(once(row, costs) + row.each * joints)
}

function breakEvensOf(rows: readonly ComparedMethod[], costs: Costs): BreakEven[] {
  return rows.flatMap((dear) =>
    rows.flatMap((cheap): BreakEven[] => {
      const more = once(dear, costs) - once(cheap, costs)
      const saves = cheap.each - dear.each
      if (more <= 0 || saves <= 0) return []
      return [{ dearTool: dear.method, cheapTool: cheap.method, joints: Math.ceil(more / saves) }]
    }),
  )
}

/**
 * The methods that are not refused, compared over a number of joints by the user's prices and minutes.
 *
 * A joint's material is half a coupling and its consumables: a coupling makes two joints.
 *
 * @param tools the tools that are owned, which cost nothing more; undefined when nothing was said: none is owned
 * @param upTo joints, a whole number from 1
 * @throws RangeError when `upTo` is not
 */
export function compareMethods(
  verdicts: readonly Verdict[],
  costs: Costs,
  profile: Profile,
  tools: readonly OwnedTool[] | undefined,
  upTo: number,
): Comparison {
  if (!Number.isInteger(upTo) || upTo < 1) throw new RangeError('joints: a whole number from 1')
  const owned = new Set((tools ?? []).map(({ method }) => method))
  const rows = methodIds.flatMap((id) => {
    const verdict = verdicts.find(({ method }) => method === id)
    // A thread that needs an adapter first is no way of joining this pipe.
    const byAdapter = id === 'thread' && verdict?.verdict === 'caution'
    return verdict && verdict.verdict !== 'refuse' && !byAdapter ? [rowOf(verdict, costs, profile, owned)] : []
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
