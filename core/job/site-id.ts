const between = '·'

/** An id of version 1 that another run gave too, made one of its own. */
export const withRun = (run: string, id: string): string => `${run}${between}${id}`

interface Drawn {
  readonly id: string
  readonly run: string
  /** The run that it was drawn in, where it has gone over to another since. */
  readonly began?: string
}

/**
 * What a node or a leg is called in the run that it was drawn in: version 1 gave ids that were unique in their run alone.
 *
 * @example idInRun({ run: 'r2', id: 'r2·n1' }) // 'n1'
 * @example idInRun({ run: 'r2', id: 'n7' }) // 'n7'
 */
export function idInRun({ id, run, began = run }: Drawn): string {
  return id.startsWith(`${began}${between}`) ? id.slice(began.length + between.length) : id
}

/**
 * What a node or a leg goes by in all that is written down of it: the run that it was drawn in, and its id there. It
 * stays when the leg goes over to another run.
 *
 * @example siteId({ run: 'r2', id: 'r2·n1' }) // 'r2/n1'
 * @example siteId({ run: 'r3', began: 'r2', id: 'n7' }) // 'r2/n7'
 */
export const siteId = (of: Drawn): string => `${of.began ?? of.run}/${idInRun(of)}`
