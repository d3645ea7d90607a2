import fc from 'fast-check'
import { expect, it } from 'vitest'
import { fittingFirst, type Chain } from './chains/chain'

const chain = (verdict: 'fits' | 'caution', joints: number, score: number): Chain => ({
  fittings: [],
  piece: null,
  joints: Array.from({ length: joints }, () => ({ method: 'solder', verdict: 'fits', reasons: [] })),
  verdict,
  score,
  minutes: 0,
  cost: 0,
  hot: 0,
  tools: [],
})

it('a chain that wholly fits comes before one with a caution, unless it needs two joints more', () => {
  const [cautioned, threaded, long] = [chain('caution', 2, 10), chain('fits', 3, 15), chain('fits', 4, 16)]
  expect(fittingFirst([cautioned, threaded, long])).toEqual([threaded, cautioned, long])
  expect(fittingFirst([cautioned, long])).toEqual([cautioned, long])
  expect(fittingFirst([chain('caution', 3, 9), long])[0]).toBe(long)
})

it('for any chains: none is lost, each kind stays in its order, and no fitting one stands behind without reason', () => {
  const any = fc.array(fc.tuple(fc.constantFrom('fits' as const, 'caution' as const), fc.integer({ min: 2, max: 6 })))
  fc.assert(
    fc.property(any, (of) => {
      const found = of.map(([verdict, joints], at) => chain(verdict, joints, at))
      const ordered = fittingFirst(found)
      expect(new Set(ordered)).toEqual(new Set(found))
      const cautioned = ordered.filter(({ verdict }) => verdict === 'caution')
      expect(cautioned).toEqual(found.filter(({ verdict }) => verdict === 'caution'))
      ordered.forEach((fit, at) => {
        if (fit.verdict !== 'fits') return
        for (const before of ordered.slice(0, at))
          if (before.verdict === 'caution') expect(fit.joints.length).toBeGreaterThanOrEqual(before.joints.length + 2)
      })
    }),
  )
})
