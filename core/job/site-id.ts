const between = '·'

/** An id of version 1 that another run gave too, made one of its own. */
export const withRun = (run: string, id: string): string => `${run}${between}${id}`

/** What an id of version 1 was in its run. */
export const idInRun = (run: string, id: string): string =>
  id.startsWith(`${run}${between}`) ? id.slice(run.length + between.length) : id

/**
 * What a node or a leg goes by in all that is written down of it: its run and its id there. Version 1 gave ids that were
 * unique in their run alone, and what was written down then still holds.
 *
 * @example siteId({ run: 'r2', id: 'r2·n1' }) // 'r2/n1'
 * @example siteId({ run: 'r2', id: 'n7' }) // 'r2/n7'
 */
export const siteId = ({ run, id }: { readonly run: string; readonly id: string }): string =>
  `${run}/${idInRun(run, id)}`
