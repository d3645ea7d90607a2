import type { Node, NodeKind } from '../job/job'

/** What was chosen and measured of what stood at a node: it holds for nothing else. */
export const ofTheFitting = {
  fitting: undefined,
  measured: undefined,
  radius: undefined,
  held: undefined,
  gap: undefined,
  mixer: undefined,
  inLine: undefined,
  fixture: undefined,
} as const
const ofTheTieIn = { existing: undefined, survey: undefined, condition: undefined } as const

/**
 * A node at which something else stands now: what was chosen and measured for the one before is gone with it. The same
 * node where that stands there already.
 */
export const asKind = (node: Node, kind: NodeKind): Node =>
  node.kind === kind ? node : { ...node, kind, ...ofTheFitting, ...(node.kind === 'tie-in' ? ofTheTieIn : {}) }
