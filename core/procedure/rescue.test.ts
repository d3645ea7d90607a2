import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import { methodIds, type MethodId } from '../methods/ids'
import { pipeId } from '../testing/sample-run'
import { said } from '../testing/said'
import { rescuesOf } from './rescue'

const copper = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const pex = catalogue.pipe(pipeId('ASTM F876', '1/2', 'pex-b'))!
const piece = (short: number | null, cut: number | null = 1000) => ({
  cut,
  blank: cut,
  allowance: { short, long: 0, err: 'long' as const },
})
const of = (method: MethodId, more: Partial<Parameters<typeof rescuesOf>[0]> = {}) =>
  rescuesOf({
    joint: { method, insertion: 15, inner: null },
    pipe: method === 'crimp' || method === 'expansion' ? pex : copper,
    piece: piece(2),
    fitting: 'the elbow',
    ...more,
  })
const told = (...args: Parameters<typeof of>) =>
  of(...args).map(({ way, pipe, savesFitting, bring }) => [
    way,
    said(pipe)!.replaceAll('\u2009', ' '),
    savesFitting,
    bring,
  ])

describe('a joint that is not OK', () => {
  it('crimped: cut behind the barb, the fitting is saved, and a new ring is brought', () => {
    expect(told('crimp')).toEqual([
      [
        'cut behind the barb',
        'the piece gets at least 15 mm shorter and no longer reaches: cut a new one, 1 000 mm',
        true,
        ['1/2 crimp ring'],
      ],
      [
        'cut out',
        'the piece gets at least 15 mm shorter and no longer reaches: cut a new one, 1 000 mm',
        false,
        ['the elbow', '1/2 crimp ring'],
      ],
    ])
  })

  it('pressed: cut out, and the fitting is gone', () => {
    expect(told('press-metal')).toEqual([
      [
        'cut out',
        'the piece gets at least 15 mm shorter and no longer reaches: cut a new one, 1 000 mm',
        false,
        ['the elbow'],
      ],
    ])
  })

  it('soldered: heated again it keeps its length; push-fit and compression come apart', () => {
    expect(told('solder')[0]).toEqual(['heat again', 'the pipe keeps its length', true, []])
    expect(told('push-fit').map(([way]) => way)).toEqual(['release', 'cut back the end'])
    expect(told('compression').map(([way, , , bring]) => [way, bring])).toEqual([
      ['tighten', []],
      ['undo the nut', []],
      ['cut off the olive', ['22 olive']],
    ])
  })

  it('still reaches as far as the piece may be short, and no farther', () => {
    const [at] = told('press-metal', { piece: piece(15) })
    expect(at![1]).toBe('cut at the mark, the piece gets 15 mm shorter, 985 mm, and still reaches')
    expect(told('press-metal', { piece: piece(14.9) })[0]![1]).toContain('no longer reaches')
  })

  it('what is not known is not said to reach', () => {
    expect(told('press-metal', { piece: piece(null) })[0]![1]).toContain('whether it still reaches is not known')
    expect(told('press-metal', { piece: null })[0]![1]).toContain('the existing pipe gets at least 15 mm shorter')
    const joint = { method: 'press-metal', insertion: null, inner: null } as const
    expect(told('press-metal', { joint })[0]![1]).toContain('measure the insertion depth')
  })

  it('of two fittings one in the other no pipe is cut', () => {
    const inner = { fittings: ['a', 'b'] }
    expect(told('solder', { joint: { method: 'solder', insertion: 15, inner } }).map(([way]) => way)).toEqual([
      'heat again',
    ])
  })

  it.each(methodIds)('%s has a way, and each way its words', (method) => {
    expect(methods[method].rescues.length).toBeGreaterThan(0)
    for (const { how } of of(method)) expect(said(how)).not.toBe('')
  })
})
