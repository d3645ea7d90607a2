import { shippedCatalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import type { Plan } from '../plan/types'
import type { JointState } from './joint-states'
import { isOfKind, type KnownEntry } from './known-entry'

/** What was taken of one thing, put in, and left over. */
export interface PartCount {
  /** In the plan’s lists; what it was called where it is in none. */
  readonly item: string
  readonly label: string
  readonly issued: number
  readonly used: number
  readonly left: number
  /** Issued less used and left: what nobody can account for. */
  readonly missing: number
}

/** Inserts that were ticked in, by their items. */
function insertsIn(plan: Plan, joints: Readonly<Record<string, JointState>>): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { id, method, pipe } of plan.joints) {
    const found = shippedCatalogue.pipe(pipe)
    const item = found && joints[id]?.made?.body.insert ? methods[method].insert(found) : null
    if (item) counts.set(item, (counts.get(item) ?? 0) + 1)
  }
  return counts
}

const columns = { 'part-issued': 'issued', 'part-used': 'used', 'part-left': 'left' } as const

/**
 * Parts by their items: issued, used and left over. What was ticked in is used, where anybody counts. An entry that names
 * no item is of what is called so in the plan's lists.
 *
 * @remarks for instance: 10 inserts issued, 7 used, 2 left: 1 that nobody can account for
 */
export function partCounts(
  plan: Plan,
  entries: readonly KnownEntry[],
  joints: Readonly<Record<string, JointState>>,
): PartCount[] {
  const ticked = insertsIn(plan, joints)
  const listed = new Map([...plan.sundries, ...plan.fittings].map(({ label, item }) => [label, item]))
  const counts = new Map<string, { label: string; issued: number; used: number; left: number }>()
  for (const { kind, body } of entries.filter(isOfKind('part-issued', 'part-used', 'part-left'))) {
    const item = body.item ?? listed.get(body.label) ?? body.label
    const known = counts.get(item) ?? { label: body.label, issued: 0, used: 0, left: 0 }
    counts.set(item, { ...known, [columns[kind]]: known[columns[kind]] + body.count })
  }
  return [...counts].map(([item, { label, issued, used: told, left }]) => {
    const used = Math.max(told, ticked.get(item) ?? 0)
    return { item, label, issued, used, left, missing: issued - used - left }
  })
}
