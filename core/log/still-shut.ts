import { isShutAway } from '../prove/isolation'
import type { SiteState } from './site-state'
import { timeKey } from './time-key'

/** A thing that was shut away for a test and is to be opened again. */
export interface StillShut {
  readonly test: string
  readonly what: string
}

/**
 * What was shut off, plugged or taken off for a test, and was not opened again since, each thing once, by the last test
 * that it was shut away for.
 *
 * @remarks for instance: a safety valve plugged for two tests, and opened again after the second: nothing
 */
export function stillShut({ tests }: Pick<SiteState, 'tests'>): StillShut[] {
  const last = new Map<string, StillShut & { readonly isOpen: boolean }>()
  const inOrder = Object.entries(tests)
    .flatMap(([test, { begun, openedAgain }]) => (begun ? [{ test, begun, openedAgain }] : []))
    .sort((a, b) => (timeKey(a.begun.at) < timeKey(b.begun.at) ? -1 : 1))
  for (const { test, begun, openedAgain } of inOrder)
    for (const { what, did } of begun.body.isolated ?? [])
      if (isShutAway(did)) last.set(what, { test, what, isOpen: openedAgain.includes(what) })
  return [...last.values()].flatMap(({ test, what, isOpen }) => (isOpen ? [] : [{ test, what }]))
}
