import type { PlanJoint } from './planned'

/** What goes in where a joint is made: a piece, the existing pipe, or one fitting of a chain in the next. */
export const whatMeets = ({ piece, inner }: Pick<PlanJoint, 'piece' | 'inner'>): string =>
  inner ? inner.fittings.join(' and ') : piece ? `piece ${piece}` : 'existing pipe'
