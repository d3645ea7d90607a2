import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from './catalogue/catalogue'
import { shippedFittings } from './catalogue/fittings'
import { shippedSockets } from './catalogue/socket'
import { emptyWorkshop } from './workshop/workshop'
import { emptyJob } from './edit/new-job'
import { profiles } from './workshop/profile'
import { speakerIn } from './speech'

/** What an example may name besides the exports of its own file. */
const named = {
  catalogue: shippedCatalogue,
  copper22: shippedCatalogue.pipes.find(({ od, material }) => od === 22 && material === 'copper'),
  solder22: shippedSockets.find(({ id }) => id === 'solder:EN 1254-1:22'),
  solder15: shippedSockets.find(({ id }) => id === 'solder:EN 1254-1:15'),
  fittings: shippedFittings(),
  emptyWorkshop,
  profiles,
  imperial: speakerIn('imperial'),
  job: emptyJob('A', 'metric', 'metric'),
  tube: {
    legs: [300, 200, 400],
    bends: [
      { angle: 90, radius: 60, turn: 0 },
      { angle: 45, radius: 60, turn: 90 },
    ],
  },
}

type Exports = Readonly<Record<string, unknown>>
const files = readdirSync(import.meta.dirname, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
)
const modules = new Map(
  await Promise.all(
    files.map(
      async (file) => [file, (await import(/* @vite-ignore */ join(import.meta.dirname, file))) as Exports] as const,
    ),
  ),
)

const evaluate = (code: string, scope: Exports): unknown =>
  new Function(...Object.keys(scope), `return (${code})`)(...Object.values(scope)) as unknown

/** A number as it is written: right in its last place. Anything else: the same, or at least what the example names. */
function matches(found: unknown, wanted: unknown): void {
  if (typeof wanted === 'number' && Number.isFinite(wanted)) {
    expect(found).toBeCloseTo(wanted, (String(wanted).split('.')[1] ?? '').length)
  } else if (wanted !== null && typeof wanted === 'object') {
    if (Array.isArray(wanted)) expect(found).toHaveLength(wanted.length)
    for (const [key, value] of Object.entries(wanted)) matches((found as Exports)[key], value)
  } else {
    expect(typeof found === 'string' ? found.replaceAll('\u2009', ' ') : found).toBe(wanted)
  }
}

describe('the examples in the core’s comments run', () => {
  const examples = files.flatMap((file) =>
    [...readFileSync(join(import.meta.dirname, file), 'utf8').matchAll(/@example (.*)/g)].map(
      ([, text = '']) => [text.replace(/ \*\/$/, ''), file] as const,
    ),
  )
  it('there are some', () => expect(examples.length).toBeGreaterThan(50))
  it.each(examples)('%s', (text, file) => {
    const [code = '', wanted = ''] = text.split(' // ')
    const scope = { ...named, ...modules.get(file) }
    matches(evaluate(code, scope), evaluate(wanted.split('; ')[0]!, scope))
  })
})
