import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { cpSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { join, relative, resolve } from 'node:path'

/** A change of code as the mutation tool tells it. */
export interface CodeChange {
  readonly fileName: string
  readonly replacement?: string
  readonly location: { readonly start: Place; readonly end: Place }
}
/** Lines and columns from 1, as the tool tells them in its results. */
interface Place {
  readonly line: number
  readonly column: number
}

/** So many copies of the code are tried beside each other. */
const copies = 2
const copied = ['core', 'demo', 'scripts', 'package.json', 'tsconfig.json', 'tsconfig.tools.json', '.nuxt']

function makeCopy(at: number): string {
  const folder = resolve(`.data/mutation-again-${at}`)
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(folder, { recursive: true })
  for (const name of copied) cpSync(name, join(folder, name), { recursive: true })
  symlinkSync(resolve('node_modules'), join(folder, 'node_modules'))
  return folder
}

/** Whether the core's tests pass in a copy: those that reach a file, or all. */
async function passes(folder: string, file?: string): Promise<boolean> {
  const which = file === undefined ? ['run'] : ['related', file, '--run']
  const tests = [...which, '--bail=1', '--config', 'scripts/mutation/vitest.config.ts']
  const [code] = await once(
    spawn('npx', ['vitest', ...tests], { cwd: folder, stdio: 'ignore', timeout: 600_000 }),
    'exit',
  )
  return code === 0
}

const offsetOf = (lines: readonly string[], { line, column }: Place): number =>
  lines.slice(0, line - 1).reduce((sum, of) => sum + of.length + 1, 0) + column - 1

/**
 * A text with one change made in it.
 *
 * @example changed('a + b', { fileName: '', replacement: '-', location: { start: { line: 1, column: 3 }, end: { line: 1, column: 4 } } }) // 'a - b'
 */
export function changed(text: string, { replacement = '', location }: CodeChange): string {
  const lines = text.split('\n')
  return text.slice(0, offsetOf(lines, location.start)) + replacement + text.slice(offsetOf(lines, location.end))
}

/**
 * Which changes a test notices when they are there from the start. The tool makes a change after the modules are loaded,
 * and asks the tests that came to it: what was reckoned while loading is then still as it was, what is reckoned once and
 * kept is asked of one test alone, and a change of either could pass unseen.
 */
export async function noticedFromTheStart<Change extends CodeChange>(changes: readonly Change[]): Promise<Set<Change>> {
  const noticed = new Set<Change>()
  if (changes.length === 0) return noticed
  const folders = Array.from({ length: copies }, (_, at) => makeCopy(at))
  const left = [...changes.entries()]
  async function lookIn(folder: string): Promise<void> {
    for (let next = left.shift(); next; next = left.shift()) {
      const [index, change] = next
      const name = relative(process.cwd(), resolve(change.fileName))
      const file = join(folder, name)
      const text = readFileSync(file, 'utf8')
      writeFileSync(file, changed(text, change))
      const isNoticed = !(await passes(folder, name))
      writeFileSync(file, text)
      if (isNoticed) noticed.add(change)
      console.log(`From the start, ${index + 1} of ${changes.length}: ${isNoticed ? 'noticed' : 'not noticed'}`)
    }
  }
  try {
    // Else all would seem to be noticed.
    if (!(await passes(folders[0]!))) throw new Error('The tests fail in the copy before anything is changed in it.')
    await Promise.all(folders.map(lookIn))
  } finally {
    for (const folder of folders) rmSync(folder, { recursive: true, force: true })
  }
  return noticed
}
