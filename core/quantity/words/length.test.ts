import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatClock, formatWait } from './format-duration'
import { formatLength } from './format-length'
import { formatAtMost, formatTolerance } from './format-tolerance'
import { parseLength } from '../parse-length'
import { sizeToMillimetres } from '../units'
import { typedLength } from '../typed-length'
import { toCelsius, toFahrenheit } from '../temperature'

describe('reading lengths', () => {
  it.each([
    ['22', 'metric', 22],
    ['45cm', 'metric', 450],
    ['1.2m', 'metric', 1200],
    ['1,5 m', 'metric', 1500],
    ['1 187', 'metric', null],
    ['1 3/4"', 'metric', 44.45],
    ["3'4 1/2", 'imperial', 1028.7],
    ['6ft 2in', 'imperial', 1879.6],
    ['1-3/4', 'imperial', 44.45],
    ['12', 'imperial', 304.8],
    ['22mm', 'imperial', 22],
    ['3′ 4 1/2″', 'metric', 1028.7],
    ['7"', 'metric', 177.8],
    ['7 in', 'metric', 177.8],
    ['3/4', 'metric', 19.05],
    ['3/4', 'imperial', 19.05],
    ["5' 6 in", 'metric', 1676.4],
    ['5\'6  "', 'imperial', 1676.4],
    ["5'", 'metric', 1524],
    ["2' -3", 'imperial', 685.8],
    ['1.75', 'imperial', 44.45],
    ['22', 'imperial', 558.8],
    ['7 in 3', 'metric', null],
    ['x7"', 'metric', null],
    ["5' x", 'metric', null],
    ["5' 6 in 3", 'metric', null],
    ['1 m 20', 'metric', 1200],
    ['2m40', 'metric', 2400],
    ['2m405', 'imperial', 2405],
    ['2 m 5 cm', 'metric', 2050],
    // Four decimetres, or four centimetres: it is not guessed.
    ['2m4', 'metric', null],
    ['.625', 'imperial', 15.875],
    [',5m', 'metric', 500],
    ['1/2', 'metric', 12.7],
    ['½', 'imperial', 12.7],
    ['1½"', 'metric', 38.1],
    ["10' 3⅜", 'imperial', 3133.725],
    ['1 1/2in', 'metric', 38.1],
    ["10'6", 'metric', 3200.4],
    ['.', 'metric', null],
  ] as const)('%s in %s', (text, units, mm) => {
    const parsed = parseLength(text, units)
    if (mm === null) expect(parsed.ok).toBe(false)
    else expect(parsed).toEqual({ ok: true, mm: expect.closeTo(mm, 6) })
  })

  it.each([
    ['abc', 'not a length'],
    ['-5', 'negative'],
    ['1e9', 'not a length'],
    ['', 'nothing is typed'],
    ['1/0"', 'divided by nought'],
    ['0', 'at least'],
    ['999m', 'at most 100\u2009000\u2009mm'],
  ])('refuses %s and says why', (text, why) => {
    expect(parseLength(text, 'metric')).toEqual({ ok: false, problem: expect.stringContaining(why) })
  })

  it('names a limit in the units that are typed', () => {
    const limits = { min: 25.4, max: 3048 }
    expect(parseLength('500ft', 'imperial', limits)).toEqual({ ok: false, problem: 'it must be at most 10′' })
    expect(parseLength('1/2', 'imperial', limits)).toEqual({ ok: false, problem: 'it must be at least 1″' })
    expect(parseLength('0', 'metric')).toEqual({ ok: false, problem: 'it must be at least 0.1\u2009mm' })
    const least = (min: number, units: 'metric' | 'imperial', text = '-90') => {
      const read = parseLength(text, units, { min, max: 100 })
      return read.ok ? '' : read.problem
    }
    expect(least(0.1, 'imperial', '0')).toBe('it must be at least more than 0')
    expect(least(1, 'metric', '0.5')).toBe('it must be at least 1\u2009mm')
    expect(least(-0.5, 'metric')).toBe('it must be at least -0.5\u2009mm')
    expect(least(-50, 'metric')).toBe('it must be at least −50\u2009mm')
    expect(least(25.4 / 32, 'imperial', '0')).not.toContain('more than 0')
  })

  it('goes below nought where the limits do', () => {
    const limits = { min: -100, max: 100 }
    for (const text of ['-45', '−45', '- 45mm'])
      expect(parseLength(text, 'metric', limits)).toEqual({ ok: true, mm: -45 })
    expect(parseLength('-1"', 'metric', limits)).toEqual({ ok: true, mm: -25.4 })
    expect(parseLength('100', 'metric', limits).ok && parseLength('-100', 'metric', limits).ok).toBe(true)
    expect(parseLength('100.1', 'metric', limits).ok || parseLength('-100.1', 'metric', limits).ok).toBe(false)
    expect(parseLength('-0', 'metric', { min: 0, max: 9 }).ok).toBe(false)
  })
})

describe('sizes in inches', () => {
  it.each([
    ['3/8', 9.525],
    ['1', 25.4],
    ['12', 304.8],
    ['1-1/4', 31.75],
    ['10-1/2', 266.7],
    ['1/10', 2.54],
  ])('%s', (text, mm) => expect(sizeToMillimetres(text)).toBeCloseTo(mm, 9))
  it.each(['', 'x', '1/0', '1/', '3/8"', 'a3/8', '1-', '1-2-3', '1/x'])('%s is none', (text) =>
    expect(() => sizeToMillimetres(text)).toThrow(`“${text}” is not a size in inches`),
  )
})

describe('writing lengths', () => {
  it.each([
    [1187.2, 'metric', '1 187 mm'],
    [623.4, 'metric', '623.5 mm'],
    [-4, 'metric', '−4 mm'],
    [1028.7, 'imperial', '3′ 4 1/2″'],
    [314.325, 'imperial', '1′ 0 3/8″'],
    [15.24, 'imperial', '5/8″'],
    [304.8, 'imperial', '1′'],
  ] as const)('%d in %s', (mm, units, text) => {
    expect(formatLength(mm, units)).toBe(text.replace('1 187', '1\u2009187').replace(' mm', '\u2009mm'))
  })

  it('thousands stand apart, nought has no sign, and what rounds to nought neither', () => {
    expect(formatLength(12_345_678.4, 'metric')).toBe('12\u2009345\u2009678.5\u2009mm')
    expect([formatLength(-0.2, 'metric'), formatLength(0, 'metric')]).toEqual(['0\u2009mm', '0\u2009mm'])
    expect([formatLength(-1500, 'metric'), formatLength(-0.5, 'metric')]).toEqual([
      '−1\u2009500\u2009mm',
      '−0.5\u2009mm',
    ])
    expect([formatLength(-0.7, 'imperial'), formatLength(-1.6, 'imperial')]).toEqual(['0″', '−1/16″'])
  })

  it('what stands in a field is read back as what is held: to the hundredth, or to a fiftieth of it', () => {
    const limits = { min: -20_000, max: 20_000 }
    const lengths = fc.oneof(fc.integer({ min: -100_000, max: 1_000_000 }), fc.integer({ min: -300, max: 300 }))
    fc.assert(
      fc.property(lengths, fc.constantFrom('metric' as const, 'imperial' as const), (hundredths, units) => {
        const mm = hundredths / 100
        const read = parseLength(typedLength(mm, units), units, limits)
        expect(read.ok).toBe(true)
        const most = units === 'metric' ? 0.001 : Math.max(0.0127, Math.abs(mm) / 50)
        expect(Math.abs((read.ok ? read.mm : NaN) - mm)).toBeLessThanOrEqual(most + 1e-9)
      }),
    )
    expect(typedLength(0, 'imperial')).toBe('0″')
    expect(typedLength(15.4, 'metric')).toBe('15.4')
    expect(typedLength(1187.25, 'metric')).toBe('1187.25')
    expect(typedLength(22.2, 'imperial')).toBe('7/8″')
    expect(typedLength(-0.9, 'imperial')).toBe('−0.035″')
  })

  it('what is written is read back within half its rounding', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 90_000, noNaN: true }),
        fc.constantFrom('metric' as const, 'imperial' as const),
        (mm, units) => {
          const back = parseLength(formatLength(mm, units), units)
          expect(back.ok && Math.abs(back.mm - mm)).toBeLessThanOrEqual(units === 'metric' ? 0.2501 : 0.794)
        },
      ),
    )
  })
})

describe('tolerances and waits', () => {
  it.each([
    [0.2, 'metric', '0.2\u2009mm'],
    [1.5, 'metric', '1.5\u2009mm'],
    [0.1 + 0.2, 'metric', '0.3\u2009mm'],
    [2.41, 'metric', '2.5\u2009mm'],
    [0.2, 'imperial', '0.008″'],
    [1.5, 'imperial', '1/16″'],
    [2, 'imperial', '1/8″'],
  ] as const)('± %d %s is %s', (mm, units, text) => expect(formatTolerance(mm, units)).toBe(text))

  it.each([
    [3.08, 'metric', '3\u2009mm'],
    [2.19, 'metric', '2.1\u2009mm'],
    [3.1, 'imperial', '1/16″'],
    [3.175, 'imperial', '1/8″'],
  ] as const)('a limit of %d %s is %s, never more', (mm, units, text) => expect(formatAtMost(mm, units)).toBe(text))

  it.each([
    [59, '0:59', '59 s'],
    [300, '5:00', '5 min'],
    [3661, '1:01:01', '61 min'],
    [36000, '10:00:00', '10 h'],
  ])('%d s is %s on the clock and %s in words', (seconds, clock, words) => {
    expect([formatClock(seconds), formatWait(seconds)]).toEqual([clock, words])
  })

  it('no tolerance is none, and one of half a sixteenth or of whole ones is told in sixteenths', () => {
    const sixteenth = 25.4 / 16
    expect(formatTolerance(0, 'imperial')).toBe('0″')
    expect(formatTolerance(sixteenth / 2, 'imperial')).toBe('1/16″')
    expect(formatTolerance(sixteenth / 2 - 0.001, 'imperial')).toBe('0.031″')
    expect(formatTolerance(2 * sixteenth, 'imperial')).toBe('1/8″')
    expect(formatTolerance(2 * sixteenth + 0.01, 'imperial')).toBe('3/16″')
  })

  it('temperatures go both ways', () => {
    fc.assert(
      fc.property(fc.double({ min: -50, max: 300, noNaN: true }), (celsius) => {
        expect(toCelsius(toFahrenheit(celsius))).toBeCloseTo(celsius, 9)
      }),
    )
    expect([toFahrenheit(-40), toFahrenheit(20), toCelsius(212)]).toEqual([-40, 68, 100])
  })
})
