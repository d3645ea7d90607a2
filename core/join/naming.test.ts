import { describe, expect, it } from 'vitest'
import { counterName } from '../catalogue/counter-name'
import { drawFitting } from '../draw/draw-fitting'
import { findFittings } from './names/find-fitting'
import { shippedFittings } from '../catalogue/fittings'
import { readName } from './names/read-name'

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

  it('every printed name is read back as that fitting, and surely', () => {
    const all = shippedFittings()
    const lost = all.filter((fitting) => {
      const { certain } = asked(counterName(fitting))
      return !certain || counterName(certain) !== counterName(fitting)
    })
    expect(lost.map(counterName)).toEqual([])
    expect(all.length).toBeGreaterThan(2000)
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
    expect(asked('22 x 15 coupling').named).toMatchObject({ kinds: ['reducer'], hints: [] })
    expect(asked('22 x 22 coupling').named).toMatchObject({ kinds: ['coupling'], hints: [] })
  })

  it('a method that is said once holds for every end, one that is said for each end for its own', () => {
    const ends = (text: string) => {
      const read = readName(text)
      return read.ok ? read.named.ends.map(({ size, methods, type }) => [size, methods?.[0], type]) : []
    }
    expect(ends('22 x 15 solder reducer')).toEqual([
      ['22', 'solder', undefined],
      ['15', 'solder', undefined],
    ])
    expect(ends('22 solder x 15 press reducer').map(([, method]) => method)).toEqual(['solder', 'press-metal'])
    expect(ends('press coupling 28').map(([size, method]) => [size, method])).toEqual([
      ['28', 'press-metal'],
      ['28', 'press-metal'],
    ])
    // An end without a size has that of the end before it, or else the first that is said.
    expect(ends('solder x 22 press coupling').map(([size]) => size)).toEqual(['22', '22'])
  })

  it('says what is missing', () => {
    expect(readName('1/2 of the pipe')).toEqual({ ok: false, problem: expect.stringContaining('say what it is') })
    expect(asked('97 solder tee').problem).toContain('no such fitting')
    expect(readName('1 x 1 x 1 x 1 tee').ok).toBe(false)
  })
})

describe('a fitting as a line drawing', () => {
  const drawn = (text: string) => drawFitting(asked(text).fittings[0]!)

  it('a tee: its run to the left and right, its branch up, diameters in proportion', () => {
    const [left, right, up] = drawn('22 x 15 solder tee')
    expect([left!.x < 0, right!.x > 0, up!.y < 0]).toEqual([true, true, true])
    expect([left!.half, up!.half]).toEqual([11, expect.closeTo((11 * 15) / 22, 6)])
  })

  it('an elbow turns by its angle, a cap has one arm', () => {
    const [from, to] = drawn('22 solder elbow 45')
    const angle = (Math.atan2(-to!.y, to!.x) * 180) / Math.PI
    expect([from!.y, Math.round(angle)]).toEqual([expect.closeTo(0, 6), 45])
    expect(drawn('22 solder cap').map(({ x }) => Math.sign(x))).toEqual([-1])
    const turnOf = (text: string) => {
      const [one, other] = drawn(text)
      return [Math.sign(one!.x), Math.round((Math.atan2(-other!.y, other!.x) * 180) / Math.PI)]
    }
    expect(turnOf('1/2 street 90')).toEqual([-1, 90])
    expect(turnOf('1/2 street 45')).toEqual([-1, 45])
    expect(turnOf('22 solder elbow')).toEqual([-1, 90])
    expect(turnOf('1/2 drop-ear elbow')).toEqual([-1, 90])
    expect(turnOf('22 solder coupling')).toEqual([-1, 0])
  })
})
