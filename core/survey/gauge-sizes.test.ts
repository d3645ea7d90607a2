import { describe, expect, it } from 'vitest'
import { gaugeSizes } from './gauge-sizes'

describe('go/no-go gauges', () => {
  it('are of copper tube and old bore, of metric pipe only where people measure in millimetres, from thin to thick', () => {
    const names = (units: 'metric' | 'imperial') => gaugeSizes(units).map(({ name }) => name)
    expect(names('imperial')).toContain('1/2 in, copper tube size')
    expect(names('imperial').filter((name) => name.endsWith('mm'))).toEqual([])
    expect(names('metric')).toEqual(expect.arrayContaining(['22 mm', '3/4 in, old bore']))
    const all = gaugeSizes('metric').map(({ mm }) => mm)
    expect(all).toEqual([...new Set(all)].sort((a, b) => a - b))
  })
})
