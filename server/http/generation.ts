import type { H3Event } from 'h3'
import { generationNow } from '../database/backup/generation'

/** The header in which an answer says of which life of the database it is, and in which a save names that of its text. */
export const generationHeader = 'Jolvet-Generation'

/** Says of which life of the database the answer is; asked before what is answered is read. */
export async function sayGeneration(event: H3Event): Promise<string> {
  const generation = await generationNow()
  setHeader(event, generationHeader, generation)
  return generation
}

/** Whether a request names a life of the database that is over; one that names none is taken at its word. */
export const isOfAnother = (event: H3Event, generation: string): boolean => {
  const named = getHeader(event, generationHeader)
  return named !== undefined && named !== generation
}

/** A place in a job's log, with the life of the database in which it was given. */
export const cursorText = (seq: number, generation: string): string => `${seq}.${generation.slice(0, 8)}`

/**
 * Where a reader of a log goes on.
 *
 * @returns null where the text is no cursor; from the beginning where it was given in another life of the database
 */
export function readCursor(
  text: string,
  generation: string,
): { readonly after: number; readonly isAnew: boolean } | null {
  const [, seq, of] = /^(\d{1,10})(?:\.([0-9a-f]{8}))?$/.exec(text) ?? []
  if (seq === undefined) return null
  const isAnew = of !== undefined && of !== generation.slice(0, 8)
  return { after: isAnew ? 0 : Number(seq), isAnew }
}
