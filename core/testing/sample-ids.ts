import type { Ids } from '../edit/ids'

/**
 * Ids that a test can foretell: `n4` after `n1`, `n2`, `n3`.
 *
 * @example countedIds('n', [{ id: 'n1' }, { id: 'sink' }]) // 'n2'
 */
export const countedIds: Ids = (prefix, taken) => {
  const numbers = taken
    .map(({ id }) => (id.startsWith(prefix) ? Number(id.slice(prefix.length)) : 0))
    .filter(Number.isInteger)
  return `${prefix}${Math.max(0, ...numbers) + 1}`
}
