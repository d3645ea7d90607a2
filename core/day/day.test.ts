import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { arrangeDay, minutesOfDay, planDay, turnsWith, type Stop } from './day'
import { dayPicture, extentOf, placeOf } from './picture'

const eight = minutesOfDay('08:00')
const asked = { begins: eight, travel: 20 }
const stop = (id: string, of: Partial<Stop> = {}): Stop => ({ id, minutes: 60, off: null, ...of })

describe('a day', () => {
  it('goes from one to the next, waits for the time agreed, and tells the customer when the water is off', () => {
    const [first, second] = planDay(
      [stop('a', { off: { from: 15, to: 45 } }), stop('b', { at: minutesOfDay('10:00') })],
      asked,
    )
    expect(first).toEqual({
      id: 'a',
      from: 500,
      to: 560,
      off: { from: 515, to: 545 },
      late: 0,
      spare: 0,
      within: null,
      waits: [],
    })
    expect(second).toMatchObject({ from: 600, to: 660, late: 0, spare: 20 })
  })

  it('is planned anew from what was really so', () => {
    const late = planDay([stop('a', { ended: minutesOfDay('09:55') }), stop('b', { at: 600 })], asked)
    expect(late[1]).toMatchObject({ from: 615, late: 15, spare: 0 })
    const begun = planDay([stop('a', { began: 530, off: { from: 15, to: 45 } })], asked)
    expect(begun[0]).toMatchObject({ from: 530, to: 590, off: { from: 545, to: 575 } })
  })

  it('takes an end for what it is: before the time to begin the beginning is unknown, before the beginning it is a slip', () => {
    const over = planDay([stop('a', { at: 600, ended: 570 }), stop('b')], asked)
    expect(over[0]).toMatchObject({ from: null, to: 570 })
    expect(over[1]).toMatchObject({ from: 590 })
    expect(planDay([stop('a', { began: 600, ended: 540 })], asked)[0]).toMatchObject({ from: 600, to: 660 })
  })

  it('knows nothing after a visit of unknown length but what was agreed', () => {
    const [, second, third] = planDay([stop('a', { minutes: null }), stop('b'), stop('c', { at: 840 })], asked)
    expect(second).toMatchObject({ from: null, to: null })
    expect(third).toMatchObject({ from: 840, to: 900, late: 0, spare: 0 })
  })

  it('makes one in the wait of another, there and back, and goes on from where the longer one ends', () => {
    const long = stop('a', { minutes: 200, waits: [{ from: 60, to: 180 }] })
    const clock = (text: string) => minutesOfDay(text)
    const of = planDay([long, stop('b', { minutes: 45 }), stop('c')], asked)
    expect(of[0]).toMatchObject({ from: 500, to: 700, waits: [{ from: clock('09:20'), to: clock('11:20') }] })
    expect(of[1]).toMatchObject({ from: clock('09:40'), to: clock('10:25'), within: 'a' })
    // Of the wait 55 are left, and 60 do not go into them.
    expect(of[2]).toMatchObject({ from: 720, within: null })
    const [, third] = planDay([long, stop('b', { minutes: 80 })], asked)
    // 20 there, 80, 20 back: the whole wait; a minute more does not go in.
    expect(third).toMatchObject({ from: 580, to: 660, within: 'a' })
    expect(planDay([long, stop('b', { minutes: 81 })], asked)[1]).toMatchObject({ from: 720, within: null })
  })

  it('makes none in a wait before the time agreed, nor where the longer one is over or the shorter is of unknown length', () => {
    const long = stop('a', { minutes: 200, waits: [{ from: 60, to: 180 }] })
    const second = (of: Partial<Stop>, first: Partial<Stop> = {}) =>
      planDay([{ ...long, ...first }, stop('b', of)], asked)[1]
    expect(second({ minutes: 45, at: 600 })).toMatchObject({ from: 600, to: 645, within: 'a', spare: 20 })
    // Agreed at 9.00, and one can be there at 9.40.
    expect(second({ minutes: 45, at: 540 })).toMatchObject({ from: 580, within: 'a', late: 40, spare: 0 })
    expect(second({ minutes: 45, at: 640 })).toMatchObject({ from: 720, within: null })
    expect(second({ minutes: null })).toMatchObject({ from: 720, within: null })
    expect(second({ minutes: 45 }, { ended: 690 })).toMatchObject({ from: 710, within: null })
    // What really was moves it, or takes it out of the wait.
    expect(second({ minutes: 45, began: 590 })).toMatchObject({ from: 590, to: 635, within: 'a' })
    expect(second({ minutes: 45, began: 650 })).toMatchObject({ from: 650, within: null })
  })

  it('shows a wait where it lies in the day, unless it is short', () => {
    const long = stop('a', {
      minutes: 220,
      waits: [
        { from: 60, to: 180 },
        { from: 190, to: 200 },
      ],
    })
    // From 8.00 to 12.00 in all: the wait from 9.20 to 11.20.
    expect(dayPicture(planDay([long], asked), eight)).toEqual([
      {
        bar: { left: (100 * 20) / 240, width: (100 * 220) / 240 },
        dry: null,
        waits: [{ of: 'a', from: 560, to: 680, bar: { left: (100 * 80) / 240, width: 50 } }],
      },
    ])
  })

  it('goes to one after another in whose wait it can be made: the day ends sooner', () => {
    const long = stop('long', { minutes: 200, waits: [{ from: 60, to: 180 }] })
    const ids = (of: Stop[]) => arrangeDay(of, asked).map(({ id }) => id)
    expect(ids([stop('short', { minutes: 45 }), long])).toEqual(['long', 'short'])
    expect(ids([long, stop('short', { minutes: 45 })])).toEqual(['long', 'short'])
    expect(ids([long, stop('short', { minutes: 81 })])).toEqual(['short', 'long'])
  })

  it('property: nobody is at two places, nor anywhere before the time agreed', () => {
    const one = fc.record({
      at: fc.option(fc.integer({ min: 0, max: 1200 }), { nil: undefined }),
      minutes: fc.integer({ min: 1, max: 300 }),
    })
    fc.assert(
      fc.property(fc.array(one, { maxLength: 8 }), (of) => {
        const stops = of.map(({ at, minutes }, index) => stop(String(index), { at, minutes }))
        let free = asked.begins
        planDay(stops, asked).forEach(({ from, to }, index) => {
          expect(from).toBeGreaterThanOrEqual(free + asked.travel)
          expect(from).toBeGreaterThanOrEqual(stops[index]!.at ?? 0)
          free = to!
        })
      }),
    )
  })

  it('does not know when the water is off in a visit that was said to be shorter than its plan of work', () => {
    const off = { from: 60, to: 90 }
    const dry = (minutes: number | null) => planDay([stop('a', { minutes, off })], asked)[0]!.off
    expect([dry(90), dry(null)]).toEqual(Array(2).fill({ from: eight + 20 + 60, to: eight + 20 + 90 }))
    expect(dry(89)).toBeNull()
  })

  it('fills the time before an agreed one with what fits there, and with nothing else', () => {
    const order = (...of: Stop[]) => arrangeDay(of, asked).map(({ id }) => id)
    const ten = stop('ten', { at: minutesOfDay('10:00') })
    expect(order(ten, stop('short'))).toEqual(['short', 'ten'])
    expect(order(ten, stop('long', { minutes: 81 }))).toEqual(['ten', 'long'])
    expect(order(ten, stop('just', { minutes: 80 }))).toEqual(['just', 'ten'])
    expect(order(stop('unknown', { minutes: null }), ten)).toEqual(['ten', 'unknown'])
    expect(order(stop('two', { at: 840 }), ten, stop('one'), stop('other'))).toEqual(['one', 'ten', 'other', 'two'])
  })

  it('goes in the turn that somebody gave it, agreed times or not; what has none finds its place among them', () => {
    const order = (turns: string[], ...of: Stop[]) => arrangeDay(of, asked, turns).map(({ id }) => id)
    const ten = stop('ten', { at: minutesOfDay('10:00') })
    expect(order(['ten', 'short'], stop('short'), ten)).toEqual(['ten', 'short'])
    expect(order(['b', 'a'], stop('a'), stop('b'), stop('c'))).toEqual(['c', 'b', 'a'])
    // One agreed since then comes where it is not late; what is gone from the day is passed over.
    expect(order(['b', 'gone', 'a'], stop('a'), stop('b'), ten)).toEqual(['b', 'ten', 'a'])
  })

  it('a turn is set for its day, and turns of days long gone are let go', () => {
    expect(turnsWith('2026-12-01', ['a', 'b', 'c'], { from: 2, to: 0 }, { days: [], since: '2026-10-02' })).toEqual([
      { path: ['turns', '2026-12-01'], value: ['c', 'a', 'b'] },
    ])
    const kept = ['2026-10-01', '2026-10-02', '2026-12-09']
    expect(
      turnsWith('2026-12-01', ['a', 'b'], { from: 0, to: 1 }, { days: kept, since: '2026-10-02' }).slice(1),
    ).toEqual([{ path: ['turns', '2026-10-01'], value: null }])
  })

  it('is drawn from when one sets out to the last end, each stretch in its place', () => {
    const extent = extentOf(planDay([stop('a'), stop('b', { minutes: null })], asked), eight)
    expect(extent).toEqual({ from: 480, to: 580 })
    expect(placeOf({ from: 500, to: 560 }, extent)).toEqual({ left: 20, width: 60 })
    expect(extentOf([], eight)).toEqual({ from: 480, to: 540 })
  })
})
