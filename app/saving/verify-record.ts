import { fieldProblems, type FieldProblem } from '~~/core/quantity/words/field-problem'
import { recordSchema } from '~~/core/record/record-schema'
import { checkSeal, type Seal, type SealCheck } from '~~/core/record/seal'
import { keyWords, sealWords } from '~~/core/record/seal-words'

/** What a file that should be a record is. */
export type RecordVerdict =
  | { readonly outcome: 'no record'; readonly problems: readonly FieldProblem[] }
  | { readonly outcome: 'no seal'; readonly title: string }
  | {
      readonly outcome: Exclude<SealCheck['outcome'], 'no seal'>
      readonly title: string
      readonly seal: Seal
      /** The seal, as it was printed. */
      readonly words: string
      /** The key that signed it; empty where none did. */
      readonly keyWords: string
    }

/** @param text what stands in the file */
export function verifyRecord(text: string): RecordVerdict {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch (error) {
    return { outcome: 'no record', problems: [{ field: 'file', problem: `JSON: ${(error as Error).message}` }] }
  }
  const read = recordSchema.safeParse(document)
  if (!read.success) return { outcome: 'no record', problems: fieldProblems(read.error) }
  const { title } = read.data.job
  const check = checkSeal(document)
  if (check.outcome === 'no seal') return { outcome: 'no seal', title }
  const { seal } = check
  return { ...check, title, words: sealWords(seal.sha256), keyWords: seal.key ? keyWords(seal.key) : '' }
}
