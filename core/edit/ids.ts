/** What is new in a job and is given an id: a node, a leg, a run, a survey. */
export type IdPrefix = 'n' | 'l' | 'r' | 's'

/**
 * Gives something new its id. Whoever asks for a change brings this along, since the core knows no chance: an id is
 * never used again, so that what was written down of a joint is never taken for another's, and two tabs that draw at
 * once do not give one id to two things.
 *
 * @param taken what of its kind there is already
 */
export type Ids = (prefix: IdPrefix, taken: readonly { readonly id: string }[]) => string
