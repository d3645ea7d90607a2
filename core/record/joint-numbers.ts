import type { Plan } from '../plan/types'

/**
 * The numbers of joints as people point at them.
 *
 * @remarks for instance: joints 3, 7, 8 and 9 of a plan: `3, 7 to 9`
 */
export function jointNumbers({ joints: planned }: Pick<Plan, 'joints'>, joints: readonly string[]): string {
  const wanted = new Set(joints)
  const numbers = planned.filter(({ id }) => wanted.has(id)).map(({ number }) => number)
  const runs: [number, number][] = []
  for (const number of numbers) {
    const last = runs.at(-1)
    if (last && number === last[1] + 1) last[1] = number
    else runs.push([number, number])
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : `${from} to ${to}`)).join(', ')
}
