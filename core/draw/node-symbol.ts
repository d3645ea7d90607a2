import type { NodeKind } from '../job/job'

/** A node's sign on a drawing: a path about the origin, in units of a third of a letter's height. */
export interface NodeSymbol {
  readonly path: string
  /** Filled with ink, with paper, or a line only. */
  readonly fill: 'ink' | 'paper' | 'none'
  readonly weight: number
}

const dot = (radius: number) =>
  `M${-radius} 0a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0z`
const plain: NodeSymbol = { path: dot(0.8), fill: 'ink', weight: 0 }

/** What is drawn at a node: its kind, and a bend that a support holds. */
export type NodeSign = NodeKind | 'held bend'

/** Every kind of node has a sign of its own, or the plain dot of a corner. */
export const nodeSymbols: Readonly<Record<NodeSign, NodeSymbol>> = {
  'tie-in': { path: dot(1.3), fill: 'paper', weight: 0.6 },
  elbow: plain,
  bend: { path: '', fill: 'none', weight: 0 },
  'held bend': { path: 'M-1.200 1.200v-1.200a1.200 1.200 0 0 1 1.200-1.200h1.200', fill: 'none', weight: 0.5 },
  coupling: { path: 'M-0.9-0.9v1.800M0.9-0.9v1.800', fill: 'none', weight: 0.5 },
  'slip-coupling': { path: 'M-1.300-0.900h2.600v1.800h-2.600z', fill: 'paper', weight: 0.4 },
  union: { path: 'M-0.800-1.200v2.400M0-1.200v2.400M0.800-1.200v2.400', fill: 'none', weight: 0.4 },
  tee: { path: 'M-1-1h2v2h-2z', fill: 'ink', weight: 0 },
  reducer: { path: 'M-1.200-1.200L1.200-0.600V0.600L-1.200 1.200z', fill: 'paper', weight: 0.5 },
  adapter: { path: 'M-1-1h2v2h-2zM-1-1l2 2', fill: 'paper', weight: 0.4 },
  valve: { path: 'M-1.600-1L1.600 1V-1L-1.600 1z', fill: 'paper', weight: 0.5 },
  mixer: { path: `${dot(1.4)}M-1 0h2M0-1v2`, fill: 'paper', weight: 0.5 },
  outlet: { path: 'M-1.300 0h2.600M0 0v1.600', fill: 'none', weight: 0.7 },
  cap: { path: 'M-1.200-1.200L1.200 1.200M-1.200 1.200L1.200-1.200', fill: 'none', weight: 0.6 },
  open: { path: dot(0.9), fill: 'paper', weight: 0.5 },
}
