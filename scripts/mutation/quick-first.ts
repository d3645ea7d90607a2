import { readFileSync } from 'node:fs'
import { BaseSequencer, type TestSpecification } from 'vitest/node'

/** How long a file of tests is likely to take: its properties, each tried a hundred times, before its lines. */
function weightOf({ moduleId }: TestSpecification): number {
  const text = readFileSync(moduleId, 'utf8')
  return (text.split('fc.assert').length - 1) * 10_000 + text.length
}

/** The quick files first: most changes are noticed by one of them, and the slow ones need not be run then. */
export class QuickFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    return files
      .map((file) => ({ file, weight: weightOf(file) }))
      .sort((a, b) => a.weight - b.weight)
      .map(({ file }) => file)
  }
}
