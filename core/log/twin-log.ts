import type { Entry } from './entry'

/** A value with every text that is one of these ids put as its other one, however deep it stands. */
function renamed(value: unknown, ids: ReadonlyMap<string, string>): unknown {
  if (typeof value === 'string') return ids.get(value) ?? value
  if (Array.isArray(value)) return value.map((of) => renamed(of, ids))
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, of]) => [key, renamed(of, ids)]))
}

/**
 * The log of a copy of a job: the same entries under ids of their own, what they name of each other renamed with them.
 * That the first was handed over says nothing of the copy.
 *
 * @param newId gives an id that nothing else has
 */
export function twinLog(entries: readonly Entry[], newId: () => string): Entry[] {
  const kept = entries.filter(({ kind }) => kind !== 'handed-over')
  const ids = new Map(kept.map(({ id }) => [id, newId()]))
  return kept.map((entry) => ({
    ...entry,
    id: ids.get(entry.id)!,
    body: renamed(entry.body, ids) as Entry['body'],
    ...(entry.replaces === undefined ? {} : { replaces: ids.get(entry.replaces) ?? entry.replaces }),
  }))
}
