/** The six axes, as a plumber types them. */
export const axes = ['east', 'west', 'north', 'south', 'up', 'down'] as const
export type Axis = (typeof axes)[number]

/** The wall that one faces, as one says left and right. */
export const walls = ['north', 'east', 'south', 'west'] as const
export type Wall = (typeof walls)[number]

export const nodeKinds = [
  'tie-in',
  'elbow',
  'bend',
  'coupling',
  'slip-coupling',
  'union',
  'tee',
  'reducer',
  'adapter',
  'valve',
  'in-line',
  'mixer',
  'outlet',
  'cap',
  'open',
] as const
export type NodeKind = (typeof nodeKinds)[number]

/** What is there already, what of it comes out, and what goes in. */
export const nodeStates = ['new', 'existing', 'comes out'] as const
/** What a leg is that is not new pipe: two fittings stand one straight in the other where it has none. */
export const legStates = ['existing', 'comes out', 'no pipe'] as const
export type LegState = (typeof legStates)[number]

/** As many nodes or legs as a file of version 1 could hold. */
export const most = 500_000
