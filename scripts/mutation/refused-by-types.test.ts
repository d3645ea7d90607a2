import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { refusedByTypes } from './refused-by-types'

/** A change of the first place where this stands in a file of the core. */
function change(fileName: string, from: string, replacement: string) {
  const before = readFileSync(fileName, 'utf8').split(from)[0]!.split('\n')
  const [line, column] = [before.length, before.at(-1)!.length + 1]
  return { fileName, replacement, location: { start: { line, column }, end: { line, column: column + from.length } } }
}

it('the types refuse what no longer fits where it stands or where it is used, and nothing else', () => {
  const spread = 'core/flow/content.ts'
  const sum = change(spread, 'boreOf(pipe) ** 2', 'boreOf(pipe) ** 3')
  const text = change(spread, '1_000_000', '"a"')
  const used = change(spread, 'length: number): number =>', 'length: string): number =>')
  expect(refusedByTypes([sum, text, used])).toEqual(new Set([text, used]))
  expect(refusedByTypes([])).toEqual(new Set())
})
