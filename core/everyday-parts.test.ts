import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from './catalogue/catalogue'
import { methodIds } from './methods/ids'
import { planJob } from './plan/plan-job'
import { sampleJob } from './testing/sample-run'

/** What stands between two legs, straight on or round a corner, and what ends one. */
const between = ['coupling', 'valve', 'union', 'slip-coupling', 'reducer', 'adapter'] as const
const ends = ['outlet', 'cap', 'open'] as const
/** What the trade does not make of a method. */
const notMade = new Set([
  'union compression',
  'slip-coupling press-multilayer',
  'slip-coupling crimp',
  'slip-coupling clamp',
  'slip-coupling expansion',
  'slip-coupling solvent',
  'slip-coupling thread',
  'slip-coupling fusion',
])

describe('everyday parts on every pipe, by every method that takes it', () => {
  const pairs = catalogue.pipes.flatMap((pipe) =>
    methodIds.flatMap((method) => (catalogue.socketFor(method, pipe) ? [{ pipe, method }] : [])),
  )

  it('have a cut length, with its tolerance: none ends at “measure it” but what is not made', () => {
    const unknown = new Set<string>()
    let count = 0
    for (const { pipe, method } of pairs) {
      const cut = (what: string, ...legs: readonly (readonly [string, 'east' | 'north' | 'up', number, string])[]) => {
        const plan = planJob(sampleJob({ pipe: pipe.id, method, legs: legs as never }), catalogue)
        count += 1
        for (const piece of plan.pieces)
          if (piece.cut === null || piece.tolerance === null) unknown.add(`${what} ${method}`)
      }
      for (const kind of between)
        cut(kind, ['open:a', 'east', 2000, `${kind}:b`], [`${kind}:b`, 'east', 2000, 'open:c'])
      for (const kind of ends) cut(kind, ['open:a', 'east', 2000, `${kind}:b`])
      cut('elbow', ['open:a', 'east', 2000, 'elbow:b'], ['elbow:b', 'north', 2000, 'open:c'])
      cut('tee', ['open:a', 'east', 2000, 'tee:b'], ['tee:b', 'east', 2000, 'open:c'], ['tee:b', 'up', 2000, 'open:d'])
    }
    expect([...unknown].filter((what) => !notMade.has(what))).toEqual([])
    // Nor is anything said not to be made that has a length.
    expect([...notMade].filter((what) => !unknown.has(what))).toEqual([])
    expect(count).toBeGreaterThan(1000)
  })
})
