import { describe, expect, it } from 'vitest'
import { readReadingRows } from './reading-rows'

const rows = (text: string) => text.split('\n').map((line) => line.split(';'))
const read = (text: string, units: 'metric' | 'imperial' = 'metric') => readReadingRows(rows(text), units)

describe('readings of a file', () => {
  it('seconds and bar, with °C; a comma for a point', () =>
    expect(read('seconds;bar;celsius\n0;6,00;15.0\n60;5.98;14.8')).toEqual({
      readings: [
        { seconds: 0, bar: 6, celsius: 15 },
        { seconds: 60, bar: 5.98, celsius: 14.8 },
      ],
      odd: [],
      problems: [],
    }))

  it('psi, kPa and °F: 87 psi are 6.00 bar, 600 kPa are 6 bar, 59 °F are 15 °C', () => {
    const psi = read('Time (s);Pressure [psi];Pipe °F\n0;87;59')
    expect(psi.readings[0]!.bar).toBeCloseTo(5.998, 3)
    expect(psi.readings[0]!.celsius).toBeCloseTo(15, 9)
    expect(read('t_s;p_kPa\n0;600').readings).toEqual([{ seconds: 0, bar: 6 }])
    expect(read('t_s;p_mbar\n0;6000').readings).toEqual([{ seconds: 0, bar: 6 }])
    expect(read('minutes;bar\n1;6\n2.5;6').readings.map(({ seconds }) => seconds)).toEqual([0, 90])
  })

  it('clock times count from the first, past midnight too; dates as well', () => {
    expect(read('clock;bar\n23:59:30;6\n00:00:30;6').readings.map(({ seconds }) => seconds)).toEqual([0, 60])
    expect(read('clock;bar\n10:30;6\n10:31;6').readings.map(({ seconds }) => seconds)).toEqual([0, 60])
    expect(
      read('time;bar\n2026-05-04T10:30:00Z;6\n2026-05-04 10:31:00Z;6').readings.map(({ seconds }) => seconds),
    ).toEqual([0, 60])
    // Over the end of a month, and of a leap year's February.
    expect(
      read('time;bar\n2024-02-28T23:59:00Z;6\n2024-02-29T00:01:00Z;6\n2024-03-01T00:00:00Z;6').readings.map(
        ({ seconds }) => seconds,
      ),
    ).toEqual([0, 120, 86_460])
  })

  it('seconds of a clock may have fractions, a date need not say them, and what stands about a time is no time', () => {
    const seconds = (...moments: string[]) =>
      read(`time;bar\n${moments.map((of) => `${of};6`).join('\n')}`).readings.map((of) => of.seconds)
    expect(seconds('10:00:30,5', ' 10:00:31.25 ', '10:01')).toEqual([0, 0.75, 29.5])
    expect(seconds('2026-12-31T23:59:30.5Z', ' 2027-01-01 00:00:01 ', '2027-01-01T00:01')).toEqual([0, 30.5, 89.5])
    for (const wrong of ['at 10:00', '10:00 h', '10:60', '25:00', '13:00 pm', '2026-13-04', '2026-05-04T10:30 CET'])
      expect(read(`time;bar\n${wrong};6`).problems, wrong).toHaveLength(1)
  })

  it('what common loggers write: date and clock in two columns, am and pm, years of two digits, an offset, MPa', () => {
    const seconds = (text: string, units: 'metric' | 'imperial' = 'imperial') =>
      read(text, units).readings.map((of) => of.seconds)
    expect(seconds('Date;Time;Pressure (psi)\n11/29/2026;11:59:30 PM;87\n11/30/2026;12:00:30 AM;87')).toEqual([0, 60])
    expect(seconds('Date;MPa\n11/29/2026 10:00 AM;0.6\n11/29/26, 1:00 p.m.;0.6')).toEqual([0, 10_800])
    expect(read('Date;MPa\n29.11.2026 10:00;0,6').readings).toEqual([{ seconds: 0, bar: 6 }])
    expect(seconds('timestamp;bar\n2026-11-29T10:00:00+01:00;6\n2026-11-29T09:01:00Z;6')).toEqual([0, 60])
    expect(seconds('12:00 AM;87\n12:01 PM;87')).toEqual([0, 43_260])
  })

  it('tells from how they go on what comes first in a date, and else reads it as the reader does', () => {
    const over = (units: 'metric' | 'imperial', ...days: string[]) =>
      read(`Date;bar\n${days.map((on) => `${on};6`).join('\n')}`, units).readings.map((of) => of.seconds)
    expect(over('imperial', '04/05/2026 23:59', '05/05/2026 00:01')).toEqual([0, 120])
    expect(over('metric', '05/04/2026 23:59', '05/05/2026 00:01')).toEqual([0, 120])
    expect(over('metric', '30/04/2026 23:59', '01/05/2026 00:01')).toEqual([0, 120])
    const inMay = (units: 'metric' | 'imperial') => over(units, '05/04/2026 10:00', '05/06/2026 10:00')[1]! / 86_400
    expect([inMay('imperial'), inMay('metric')]).toEqual([2, 2])
  })

  it('asks about what stands far from both its neighbours, and takes it all the same', () => {
    const { readings, odd } = read('seconds;bar\n0;10\n60;99.9\n120;9.95\n180;9.9\n240;5\n300;9.8\n360;9.8')
    expect(readings).toHaveLength(7)
    expect(odd.map(({ bar }) => bar)).toEqual([99.9, 5])
    expect(read('seconds;bar\n0;10\n60;8\n120;6\n180;4').odd).toEqual([])
    expect(read('seconds;bar\n0;10\n60;10.4\n120;10').odd).toEqual([])
    // Pumped up: from here on it stands there.
    expect(read('seconds;bar\n0;2\n60;10\n120;10\n180;2').odd).toEqual([])
  })

  it('without a head line: time, pressure, temperature in the reader’s units', () => {
    expect(read('0;6;15\n60;6;15').readings).toHaveLength(2)
    expect(read('0;87;59', 'imperial').readings[0]).toMatchObject({ bar: expect.closeTo(5.998, 3), celsius: 15 })
  })

  it('names the lines that it does not take, and takes the others', () => {
    const { readings, problems } = read('seconds;bar;celsius\n0;6;15\nsoon;6;15\n60;-1;15\n90;6;101\n80;5.9;\n70;6;15')
    expect(readings.map(({ seconds }) => seconds)).toEqual([0, 80])
    expect(problems.map(({ line, problem }) => `${line}: ${problem.split(':')[0]}`)).toEqual([
      '3: a time',
      '4: a pressure',
      '5: a temperature',
      '7: a time later than the line before',
    ])
    expect(read('when;how much\n0;6').problems).toEqual([{ line: 1, problem: expect.stringContaining('head line') }])
    expect(read('')).toEqual({ readings: [], odd: [], problems: [] })
    expect(read('\n\nseconds;bar\n0;6\n\n60;6').readings).toHaveLength(2)
    expect(read('\n0;6').readings).toEqual([{ seconds: 0, bar: 6 }])
    // One of the two named is not enough.
    expect(read('seconds;depth\n0;6').problems).toHaveLength(1)
    expect(read('when;bar\n0;6').problems).toHaveLength(1)
  })
})
