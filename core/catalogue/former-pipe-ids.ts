/**
 * Ids that pipes had before, and theirs now. A metric pipe's id holds its wall, which a table may have wrong: whoever
 * mends it writes the old id here, so that every job, offcut and cutting plan that names it stays readable.
 */
export const formerPipeIds: Readonly<Record<string, string>> = {}

/** The id by which a pipe goes now; one that never changed is its own. */
export const pipeIdNow = (id: string, former: Readonly<Record<string, string>> = formerPipeIds): string =>
  Object.hasOwn(former, id) ? former[id]! : id
