import type { Job } from './job'

/** One place in which two versions of a job differ. */
export interface Difference {
  readonly field: string
  readonly mine: string
  readonly theirs: string
}

const shown = (value: unknown): string =>
  value === undefined ? 'nothing' : typeof value === 'object' ? JSON.stringify(value) : String(value)
const isObject = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

function walk(mine: unknown, theirs: unknown, path: string, found: Difference[]): void {
  if (Object.is(mine, theirs)) return
  if (isObject(mine) && isObject(theirs) && Array.isArray(mine) === Array.isArray(theirs)) {
    const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)])
    for (const key of keys) walk(mine[key], theirs[key], path ? `${path}.${key}` : key, found)
    return
  }
  found.push({ field: path, mine: shown(mine), theirs: shown(theirs) })
}

/**
 * Where two versions of a job differ, field by field; empty when they are the same.
 *
 * @example compareJobs({ ...job, title: 'A' }, { ...job, title: 'B' }) // [{ field: 'title', mine: 'A', theirs: 'B' }]
 */
export function compareJobs(mine: Job, theirs: Job): Difference[] {
  const found: Difference[] = []
  walk(mine, theirs, '', found)
  return found
}
