import { readFileSync } from 'node:fs'
import { recordSchema } from '../core/record/record-schema'
import { checkSeal } from '../core/record/seal'
import { keyWords, sealWords } from '../core/record/seal-words'
import { fieldProblems } from '../core/quantity/words/field-problem'
import { Failure, runMain } from './run/failure'

/** npm run verify-record FILE: whether a record is one, and is as it was handed over, and whose key signed it. */
function main(): void {
  const [file] = process.argv.slice(2)
  if (!file) throw new Failure('Say which file: npm run verify-record FILE')
  let document: unknown
  try {
    document = JSON.parse(readFileSync(file, 'utf8'))
  } catch (error) {
    throw new Failure(`${file} cannot be read as JSON: ${(error as Error).message}`)
  }
  const read = recordSchema.safeParse(document)
  if (!read.success) {
    const said = fieldProblems(read.error).map(({ field, problem }) => `  ${field}: ${problem}`)
    throw new Failure(`${file} is no record:\n${said.join('\n')}`)
  }
  const check = checkSeal(document)
  if (check.outcome === 'no seal')
    throw new Failure(`${file} is a record that was not handed over: it carries no seal.`)
  if (check.outcome === 'changed')
    throw new Failure(`${file} was changed after it was handed over: its seal does not hold.`)
  if (check.outcome === 'signature wrong')
    throw new Failure(`${file} was not signed by the key that it names: its signature does not hold.`)
  const { seal } = check
  console.log(
    `The seal holds: ${read.data.job.title}, version ${seal.jobVersion}, ${seal.entries} entries, ${seal.sealedAt}.`,
  )
  console.log(`In words: ${sealWords(seal.sha256)}`)
  console.log(
    seal.key
      ? `Signed by the key ${keyWords(seal.key)} (${seal.key}). Ask the workshop whether that is its own.`
      : 'It is a seal of old, without a signature: it says that nothing was changed, not who made it.',
  )
  if (seal.previous) console.log(`It takes the place of ${seal.previous}.`)
}

runMain(async () => main())
