import type { NodeKind } from './job'

/** How many legs meet at each kind of node in a finished run: at a mixer hot, cold and what it gives. */
export const legsAtNode: Readonly<Record<NodeKind, 1 | 2 | 3>> = {
  'tie-in': 1,
  elbow: 2,
  bend: 2,
  coupling: 2,
  'slip-coupling': 2,
  union: 2,
  tee: 3,
  reducer: 2,
  adapter: 2,
  valve: 2,
  'in-line': 2,
  mixer: 3,
  outlet: 1,
  cap: 1,
  open: 1,
}

/** How many may meet: a mixer may have two outlets. */
export const mostLegsAt = (kind: NodeKind): number => (kind === 'mixer' ? 4 : legsAtNode[kind])

const words: Readonly<Partial<Record<NodeKind, string>>> = {
  'slip-coupling': 'slip coupling',
  'in-line': 'part in line',
}

/** What a node is called. */
export const nodeWord = (kind: NodeKind): string => words[kind] ?? kind

/** The ends of a run: pipe may go on from them, and they then become a fitting. */
export const isRunEnd = (kind: NodeKind): boolean => kind === 'open' || kind === 'outlet' || kind === 'cap'
