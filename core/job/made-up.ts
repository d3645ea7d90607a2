import type { Leg } from './job'

/**
 * The node that was drawn where a short piece stands: its chain of fittings was chosen there. Any other node is drawn
 * itself.
 *
 * @param legs as their fittings make them
 * @example nodeDrawn([{ id: 'a~1', from: 'a', to: 'a~1', madeUp: true }], 'a~1') // 'a'
 */
export function nodeDrawn(legs: readonly Pick<Leg, 'from' | 'to' | 'madeUp'>[], node: string): string {
  let at = node
  for (let piece; (piece = legs.find(({ madeUp, to }) => madeUp && to === at));) at = piece.from
  return at
}
