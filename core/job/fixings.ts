import type { Leg } from './job'

type Fixings = NonNullable<Leg['fixings']>

/**
 * What a leg is fixed to, told from another place along it: joists stay where they are.
 *
 * @param at mm from where they were told; less than nothing before it
 * @example fixingsFrom({ spacing: 400, offset: 100 }, 300) // { spacing: 400, offset: 200 }
 */
export function fixingsFrom({ spacing, offset }: Fixings, at: number): Fixings {
  const from = offset - at
  return { spacing, offset: from >= 0 ? from : from + Math.ceil(-from / spacing) * spacing }
}
