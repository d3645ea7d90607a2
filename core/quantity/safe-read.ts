import * as z from 'zod'

/**
 * Reads an input by a schema; what is wrong in it is an error that is given, never one that is thrown. The schema library
 * compares an input's `length` before it looks whether that is a number: an object there would throw.
 *
 * @remarks for instance: `{ changes: { length: { toString: 1 } } }` where a list is wanted: refused at `(body)`
 */
export function safeRead<Schema extends z.ZodType>(
  schema: Schema,
  input: unknown,
): z.ZodSafeParseResult<z.output<Schema>> {
  try {
    return schema.safeParse(input)
  } catch (error) {
    if (!(error instanceof TypeError)) throw error
    const message = 'has an object where a list or a text is wanted'
    const told = new z.ZodError([{ code: 'custom', path: [], message, input }]) as z.ZodError<z.output<Schema>>
    return { success: false, error: told }
  }
}
