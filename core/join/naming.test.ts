import { describe, expect, it } from 'vitest'
import { counterName } from './counter-name'
import { drawFitting } from './draw-fitting'
import { findFittings } from './find-fitting'
import { shippedFittings } from './fittings'
import { readName } from './read-name'

const asked = (text: string) => findFittings(shippedFittings(), text)
const first = (text: string) => {
  const [fitting] = asked(text).fittings
  return fitting && counterName(fitting)
}

describe('the name of a fitting', () => {
  it.each([
    ['3/4 x 1/2 x 1/2 solder tee', '3/4 × 1/2 × 1/2 solder tee'],
    ['3/4 x 3/4 x 1/2 crimp tee', '3/4 × 1/2 crimp tee'],
    ['22 x 15 reducer', '22 × 15 solder reducer'],
    ['1/2 C x M adapter', '1/2 C × M NPT adapter'],
    ['1/2 street 90', '1/2 FTG × C street elbow 90°'],
    ['22mm push-fit slip coupling', '22 push-fit slip coupling'],
    ['1 1/4" press coupling', '1-1/4 press coupling'],
    ['15 x 1/2 push fit tap connector', '15 push-fit × 1/2 F BSP swivel connector'],
    ['3/4 PVC solvent tee', '3/4 PVC solvent tee'],
  ])('%s is read as %s', (text, expected) => expect(first(text)).toBe(expected))

  it('every name of the catalogue is read back as that fitting', () => {
    const every = shippedFittings().filter((_, index) => index % 7 === 0)
    const lost = every.filter((fitting) => !asked(counterName(fitting)).fittings.includes(fitting))
    expect(lost.map(counterName)).toEqual([])
  })

  it.each([
    ['1/2 x 3/4 tee', 'the run comes first'],
    ['1/2 x 3/4 x 1/2 tee', '3/4 × 1/2 × 1/2'],
    ['3/4 x 1/2 x 3/4 tee', 'Where the 1/2 is the branch, write it last'],
    ['15 x 22 reducer', 'The larger end comes first: 22 × 15'],
    ['15 x 22 fitting reducer', 'The larger end comes first: 22 × 15'],
    ['1/2 x 3/4 bushing', 'The larger end comes first: 3/4 × 1/2'],
    ['1/2 x 3/4 elbow', 'The larger end comes first: 3/4 × 1/2'],
    ['street 90', 'Add its size'],
  ])('%s: points out “%s”', (text, hint) => expect(asked(text).named?.hints.join()).toContain(hint))

  it('a right order is not remarked on', () => {
    for (const text of ['3/4 x 1/2 tee', '3/4 x 1/2 x 1/2 tee', '22 x 15 reducer', '15 x 3/4 MI adapter'])
      expect(asked(text).named?.hints).toEqual([])
  })

  it('a coupling of two sizes is a reducer; one size that is said is no size missing', () => {
    expect(asked('22 x 15 coupling').named).toMatchObject({ kind: 'reducer', hints: [] })
    expect(asked('22 x 22 coupling').named).toMatchObject({ kind: 'coupling', hints: [] })
  })

  it('says what is missing', () => {
    expect(readName('1/2 of something')).toEqual({ ok: false, problem: expect.stringContaining('say what it is') })
    expect(asked('97 solder tee').problem).toContain('no such fitting')
    expect(readName('1 x 1 x 1 x 1 tee').ok).toBe(false)
  })
})

describe('a fitting as a line drawing', () => {
  const drawn = (text: string) => drawFitting(asked(text).fittings[0]!)

  it('a tee: its run to the left and right, its branch up, diameters in proportion', () => {
    const [left, right, up] = drawn('22 x 15 solder tee')
    expect([left!.x < 0, right!.x > 0, up!.y < 0]).toEqual([true, true, true])
    expect(up!.half / left!.half).toBeCloseTo(15 / 22, 6)
  })

  it('an elbow turns by its angle, a cap has one arm', () => {
    const [from, to] = drawn('22 solder elbow 45')
    const angle = (Math.atan2(-to!.y, to!.x) * 180) / Math.PI
    expect([from!.y, Math.round(angle)]).toEqual([expect.closeTo(0, 6), 45])
    expect(drawn('22 solder cap')).toHaveLength(1)
  })
})
