import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'

/** What the rules say of a text, were it this file of the core. */
async function said(filePath: string, text: string): Promise<string[]> {
  const [result] = await new ESLint().lintText(text, { filePath })
  return result!.messages.flatMap(({ ruleId }) => (ruleId?.startsWith('no-restricted') ? [ruleId] : []))
}
const importing = (from: string) => `import { x } from '${from}'\nexport const y = x\n`

describe('the core’s arrows point one way', () => {
  it.each([
    ['core/quantity/a.ts', '../catalogue/pipe'],
    ['core/quantity/a.ts', '../plan'],
    ['core/route/a.ts', '../plan'],
    ['core/route/a.ts', '../speech'],
    ['core/make/assembly/a.ts', '../../route/layout'],
    ['core/make/assembly/a.ts', '../../plan'],
    ['core/join/a.ts', '../../app/stores/job'],
    ['core/plan/a.ts', '../../server/http/answer'],
    ['core/plan/a.ts', '../check/rule'],
    ['core/progress.ts', 'vue'],
  ])('%s may not import %s', async (file, from) => {
    expect(await said(file, importing(from))).toContain('no-restricted-imports')
  })

  it.each([
    ['core/route/a.ts', '../job/job'],
    ['core/route/a.ts', './layout'],
    ['core/route/a.ts', '../group-by'],
    ['core/make/assembly/a.ts', '../procedure'],
    ['core/make/assembly/a.ts', '../../quantity/message'],
    ['core/check/rules/a.ts', '../../plan/types'],
  ])('%s may import %s', async (file, from) => {
    expect(await said(file, importing(from))).toEqual([])
  })

  it.each(['Math.random()', 'Date.now()', 'new Date()', 'document.title', 'window.name', 'fetch("x")'])(
    'no %s in it',
    async (used) => {
      expect(await said('core/route/a.ts', `export const y = ${used}\n`)).toHaveLength(1)
      expect(await said('core/progress.ts', `export const y = ${used}\n`)).toHaveLength(1)
    },
  )
})
