import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { pipeId } from '../sample-run'
import { asksWhenMade } from './asks-when-made'

const copper = shippedCatalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const pex = shippedCatalogue.pipe(pipeId('ASTM F876', '1/2', 'pex-b'))!
const nothing = { gauge: false, ring: false, insert: null, uses: false, turns: false }

describe('what a joint is asked for when it is made', () => {
  it('goes by its method, and its insert by its pipe', () => {
    expect(asksWhenMade('solder', copper)).toEqual(nothing)
    expect(asksWhenMade('crimp', pex)).toEqual({ ...nothing, gauge: true })
    expect(asksWhenMade('push-fit', copper)).toEqual({ ...nothing, ring: true, uses: true })
    expect(asksWhenMade('push-fit', pex)).toEqual({ ...nothing, ring: true, uses: true, insert: '1/2 insert' })
    expect(asksWhenMade('compression', pex)).toEqual({ ...nothing, turns: true, insert: '1/2 insert' })
    expect(asksWhenMade('thread', copper)).toEqual({ ...nothing, turns: true })
  })
})
