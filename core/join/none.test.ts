import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { join } from './join'

const pipe = (standard: string, nominal: string, having?: string | number) =>
  catalogue.pipe(pipeId(standard, nominal, having))!
const request = { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: 'metric' } as const
const copper = pipe('EN 1057', '22', 0.9)
const of = (material: string) => catalogue.pipes.find((known) => known.material === material)!
const why = (b: ReturnType<typeof pipe>, more: Partial<Parameters<typeof join>[2]> = {}) =>
  said(join(catalogue, { a: copper, b }, { ...request, ...more }).none)

describe('why nothing joins two pipes', () => {
  it('lead is replaced', () => expect(why(of('lead'))).toContain('Do not extend lead'))
  it('a method is shut out by its place: hot water on PVC-U', () =>
    expect(why(pipe('ASTM D1785', '1/2'), { service: 'hot' })).toMatch(/^Nothing goes on .* here: /))
  it('is not asked where there is a chain', () => expect(why(pipe('EN 1057', '15', 0.7))).toBe(''))
})
