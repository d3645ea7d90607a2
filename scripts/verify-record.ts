import { readFileSync } from 'node:fs'
import { recordSchema } from '../core/record/record-schema'
import { fieldProblems } from '../core/quantity/words/field-problem'
import { isAsSealed, type Seal } from '../server/record/seal'
import { Failure, runMain } from './run/failure'

/** npm run verify-record FILE: whether a record is one, and is as it was handed over. */
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
  const holds = isAsSealed(document)
  if (holds === null) throw new Failure(`${file} is a record that was not handed over: it carries no seal.`)
  if (!holds) throw new Failure(`${file} was changed after it was handed over: its seal does not hold.`)
  const { seal, job } = document as { seal: Seal; job: { title: string } }
  console.log(`The seal holds: ${job.title}, version ${seal.jobVersion}, ${seal.entries} entries, ${seal.sealedAt}.`)
  if (seal.previous) console.log(`It takes the place of ${seal.previous}.`)
}

runMain(async () => main())
