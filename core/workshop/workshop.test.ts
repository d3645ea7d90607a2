import { describe, expect, it } from 'vitest'
import { isOverdue, nextCheck } from './checked-tool'
import { shippedCosts } from './costs'
import { applyChanges, costsOf, emptyWorkshop, type Workshop, type WorkshopChange } from './workshop'

function changed(from: Workshop, ...changes: WorkshopChange[]): Workshop {
  const applied = applyChanges(from, changes)
  if (!applied.ok) throw new Error(applied.fields.map(({ field, problem }) => `${field}: ${problem}`).join('; '))
  return applied.workshop
}
const refused = (...changes: WorkshopChange[]) => {
  const applied = applyChanges(emptyWorkshop, changes)
  return applied.ok ? [] : applied.fields
}

describe('the workshop', () => {
  it('says only what it changes; the rest is as shipped', () => {
    const costs = costsOf(
      changed(
        emptyWorkshop,
        { path: ['methods', 'solder', 'minutes'], value: 9 },
        { path: ['currency'], value: 'USD' },
      ),
    )
    expect(costs.methods.solder).toEqual({ ...shippedCosts.methods.solder, minutes: 9 })
    expect(costs.methods.crimp).toEqual(shippedCosts.methods.crimp)
    expect(costs).toMatchObject({ currency: 'USD', hour: 48 })
    expect(costsOf({ ...emptyWorkshop, hour: 70 })).toMatchObject({ hour: 70, currency: shippedCosts.currency })
  })

  it('keeps what stood there beside what is set, at every depth', () => {
    const first = changed(emptyWorkshop, { path: ['methods', 'solder', 'minutes'], value: 9 })
    const second = changed(first, { path: ['methods', 'solder', 'consumables'], value: 0.4 })
    const third = changed(second, { path: ['methods', 'crimp', 'minutes'], value: 3 }, { path: ['hour'], value: 60 })
    expect(third).toMatchObject({
      hour: 60,
      methods: { solder: { minutes: 9, consumables: 0.4 }, crimp: { minutes: 3 } },
    })
    expect(first.methods.solder).toEqual({ minutes: 9 })
  })

  it('takes back what is set to nothing', () => {
    const none = [
      { path: ['hour'], value: 60 },
      { path: ['hour'], value: null },
    ]
    expect(changed(emptyWorkshop, ...none)).toEqual(emptyWorkshop)
    expect(changed({ ...emptyWorkshop, hour: 60 }, { path: ['hour'], value: undefined }).hour).toBeUndefined()
  })

  it('names what is not accepted, and where', () => {
    expect(refused({ path: ['currency'], value: 'euros' })[0]).toMatchObject({
      field: 'currency',
      problem: expect.stringContaining('three letters'),
    })
    expect(refused({ path: ['methods', 'glueing', 'minutes'], value: 1 })).not.toEqual([])
    const profile = { name: 'Ours', base: 'metric', changes: { ovality: 99 } }
    expect(refused({ path: ['profiles', 'ours'], value: profile })).not.toEqual([])
  })

  it('names a path that leads to nothing', () => {
    expect(refused({ path: ['hours'], value: 60 })).toEqual([{ field: 'hours', problem: expect.any(String) }])
    expect(refused({ path: ['methods', 'solder', 'colour'], value: 'red' })[0]?.field).toBe('methods.solder.colour')
  })

  it('is not held up by what an older program left in it', () => {
    const old = { ...emptyWorkshop, van: 'blue' } as Workshop
    expect(changed(old, { path: ['hour'], value: 60 })).toEqual({ ...emptyWorkshop, hour: 60 })
  })
})

describe('the tools and people of a workshop', () => {
  it('a check is due so many months after the last one, at the month’s end at the latest', () => {
    expect(nextCheck({ checked: '2025-12-15', everyMonths: 12 })).toBe('2026-12-15')
    expect(nextCheck({ checked: '2027-08-31', everyMonths: 6 })).toBe('2028-02-29')
    expect(nextCheck({ checked: '2026-03-31', everyMonths: 1 })).toBe('2026-04-30')
    expect([isOverdue('2026-05-04', '2026-05-04T23:00:00Z'), isOverdue('2026-05-04', '2026-05-05T00:00:00Z')]).toEqual([
      false,
      true,
    ])
    expect(isOverdue(undefined, '2026-05-05T00:00:00Z')).toBe(false)
  })

  it('are kept with it, and what is no date or no test is named', () => {
    const tool = { name: 'Press 1', methods: ['press-metal'], checked: '2026-01-10', everyMonths: 12 }
    const kept = changed(
      emptyWorkshop,
      { path: ['checkedTools', 't1'], value: tool },
      { path: ['people'], value: ['I. Marl'] },
    )
    expect([kept.checkedTools.t1, kept.people]).toEqual([tool, ['I. Marl']])
    expect(refused({ path: ['checkedTools', 't1'], value: { ...tool, checked: 'spring' } })).toEqual([
      { field: 'checkedTools.t1.checked', problem: 'a date as 2026-05-04' },
    ])
    const test = { name: 'Ours', medium: 'water', steps: [{ does: 'hold', seconds: 60, share: 1, bar: 6 }], falls: [] }
    expect(refused({ path: ['tests', 'a'], value: test })[0]!.field).toBe('tests.a.steps.0.share')
  })
})
