import type * as z from 'zod'

/** One thing wrong with an input: where, what, and what would be accepted. */
export interface FieldProblem {
  readonly field: string
  readonly problem: string
}

/** So many are named at once: who mends fifty sees the rest. */
const mostNamed = 50
const nameOf = (path: readonly PropertyKey[]): string => path.map(String).join('.').slice(0, 300) || '(body)'

/** Zod's issues as fields; a path reads `runs.0.legs.2.length`, the whole body `(body)`. */
export const fieldProblems = (error: z.ZodError): FieldProblem[] =>
  error.issues.slice(0, mostNamed).map(({ path, message }) => ({ field: nameOf(path), problem: message }))

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null

/**
 * The fields of an input that its schema does not know, found by what reading it left out: nothing that somebody wrote
 * is dropped in silence.
 *
 * @param input what was sent
 * @param read what the schema made of it
 * @example unknownFields({ length: 5, colour: 'red' }, { length: 5 }) // [{ field: 'colour', problem: 'is not known here: leave it out' }]
 */
export function unknownFields(input: unknown, read: unknown): FieldProblem[] {
  const found: FieldProblem[] = []
  const look = (given: unknown, taken: unknown, path: readonly string[]): void => {
    if (!isTree(given) || !isTree(taken)) return
    for (const key of Object.keys(given)) {
      if (found.length === mostNamed) return
      const isKnown = Object.hasOwn(taken, key) || given[key] === undefined
      if (isKnown) look(given[key], taken[key], [...path, key])
      else found.push({ field: nameOf([...path, key]), problem: 'is not known here: leave it out' })
    }
  }
  look(input, read, [])
  return found
}
