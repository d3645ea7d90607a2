import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'
import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'
import { materialIds } from './materials/ids'
import { methodIds } from './methods/ids'

/** What the rules say of a text, were it this file of the core. */
async function said(filePath: string, text: string): Promise<string[]> {
  const [result] = await new ESLint().lintText(text, { filePath })
  return result!.messages.flatMap(({ ruleId }) => (ruleId?.startsWith('no-restricted') ? [ruleId] : []))
}
const importing = (from: string) => `import { x } from '${from}'\nexport const y = x\n`

describe('the core’s arrows point one way', () => {
  it.each([
    ['core/quantity/a.ts', '../catalogue/pipe'],
    ['core/quantity/a.ts', '../plan/plan-job'],
    ['core/job/a.ts', '../run/layout'],
    ['core/run/a.ts', '../edit/edit-run'],
    ['core/run/a.ts', '../speech'],
    ['core/join/rules/a.ts', '../../pipework/joints'],
    ['core/join/a.ts', '../../app/stores/job'],
    ['core/check/a.ts', '../plan/types'],
    ['core/plan/a.ts', '../../server/http/answer'],
    ['core/plan/a.ts', '../edit/edit-run'],
    ['core/draw/a.ts', '../edit/edit-run'],
    ['core/speech.ts', 'vue'],
  ])('%s may not import %s', async (file, from) => {
    expect(await said(file, importing(from))).toContain('no-restricted-imports')
  })

  it.each([
    ['core/run/a.ts', '../job/job'],
    ['core/run/a.ts', './layout'],
    ['core/join/rules/a.ts', '../judge'],
    ['core/join/rules/a.ts', '../../quantity/message'],
    ['core/check/rules/a.ts', '../../pipework/planned'],
    ['core/plan/a.ts', '../check/rule'],
  ])('%s may import %s', async (file, from) => {
    expect(await said(file, importing(from))).toEqual([])
  })

  it.each(['Math.random()', 'Date.now()', 'new Date()', 'document.title', 'window.name', 'fetch("x")'])(
    'no %s in it',
    async (used) => {
      expect(await said('core/run/a.ts', `export const y = ${used}\n`)).toHaveLength(1)
      expect(await said('core/speech.ts', `export const y = ${used}\n`)).toHaveLength(1)
    },
  )
})

const root = join(import.meta.dirname, '..')
const sourcesIn = (folder: string): (readonly [string, string])[] =>
  readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(ts|vue)$/.test(file) && !file.endsWith('.test.ts'))
    .map((file) => [`${folder}/${file}`, readFileSync(join(root, folder, file), 'utf8')] as const)

describe('what is particular', () => {
  it('to a method or a material is read from its file: no rule, card or page compares their names', () => {
    const compared = new RegExp(`(method|material|Id|\\bid) [!=]== '(${[...methodIds, ...materialIds].join('|')})'`)
    const named = ['core', 'app', 'server'].flatMap(sourcesIn).flatMap(([file, text]) => {
      const [found] = compared.exec(text) ?? []
      return found && !/^core\/(methods|materials)\//.test(file) ? [`${file}: ${found}`] : []
    })
    expect(named).toEqual([])
  })
})

/** The files that each file imports, types too. */
function importsOf(sources: ReadonlyMap<string, string>): Map<string, string[]> {
  const found = (from: string, named: string): string[] => {
    const path = named.startsWith('.')
      ? normalize(join(dirname(from), named))
      : named.replace(/^~~\//, '').replace(/^~\//, 'app/')
    return [path, `${path}.ts`, `${path}/index.ts`].filter((file) => sources.has(file)).slice(0, 1)
  }
  return new Map(
    [...sources].map(([file, text]) => [
      file,
      [...text.matchAll(/(?:from|import)\s*\(?'([^']+)'/g)].flatMap(([, named]) => found(file, named!)),
    ]),
  )
}

it('no file imports itself by way of others', () => {
  const imports = importsOf(new Map(['core', 'app', 'server'].flatMap(sourcesIn)))
  expect(imports.size).toBeGreaterThan(800)
  const done = new Set<string>()
  const circle = (file: string, above: readonly string[]): readonly string[] | null => {
    if (above.includes(file)) return [...above.slice(above.indexOf(file)), file]
    if (done.has(file)) return null
    for (const next of imports.get(file) ?? []) {
      const found = circle(next, [...above, file])
      if (found) return found
    }
    done.add(file)
    return null
  }
  expect([...imports.keys()].flatMap((file) => circle(file, []) ?? [])).toEqual([])
})
