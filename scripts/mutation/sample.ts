import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { randomStream } from '../../core/quantity/random-stream'

/** A stretch of lines that is looked at. */
export interface Stretch {
  readonly file: string
  readonly from: number
  readonly to: number
}

const stretchLines = 12
/** Tables of figures are left out: there is nothing in them that a change of code is like. */
const isCode = (path: string) =>
  path.endsWith('.ts') && !path.endsWith('.test.ts') && !/(^|\/)(tables\/|sample-)/.test(path)

/** The folders of the core, each a topic; what stands beside them is one more. */
export function topics(): string[] {
  const folders = readdirSync('core', { withFileTypes: true }).filter(
    (entry) => entry.isDirectory() && !entry.name.startsWith('_'),
  )
  return [...folders.map(({ name }) => name), '.']
}

function codeOf(topic: string): string[] {
  const names = readdirSync(join('core', topic), { recursive: topic !== '.', encoding: 'utf8' })
  return names.filter(isCode).map((name) => join('core', topic, name))
}

/** Stretches of a topic's code, so many lines in all, drawn by seed: every stretch is as likely as any other. */
export function stretchesOf(topic: string, lines: number, seed: number): Stretch[] {
  const all = codeOf(topic).flatMap((file) => {
    const length = readFileSync(file, 'utf8').split('\n').length
    return Array.from({ length: Math.ceil(length / stretchLines) }, (_, index) => ({
      file,
      from: index * stretchLines + 1,
      to: Math.min(length, (index + 1) * stretchLines),
    }))
  })
  const random = randomStream(seed)
  return all
    .map((stretch) => ({ stretch, rank: random() }))
    .sort((a, b) => a.rank - b.rank)
    .slice(0, Math.ceil(lines / stretchLines))
    .map(({ stretch }) => stretch)
}
