import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { vanBookingSchema, vanRowSchema, type VanRow } from './booking-schema'
import { isLow, vanAfter, vanKey, type Van } from './van'
import { against, stillNeeded, takenFrom, together } from './van-list'

const row = (item: string, more: Partial<VanRow> = {}): VanRow => vanRowSchema.parse({ item, what: item, ...more })
const empty: Van = { items: [], taken: [] }
const need = (item: string, count: number, tin?: number) => ({
  ...{ item, what: item, mm: null, count },
  ...(tin !== undefined && { ofTin: { mm: tin } }),
})
const countOf = (van: Van, item: string) => van.items.find((of) => of.item === item)?.count

describe('the van’s book', () => {
  it('adds up what came and went; what was counted holds', () => {
    const van = vanAfter(empty, [row('elbow', { count: 6 }), row('elbow', { count: -2 })])
    expect(countOf(van, 'elbow')).toBe(4)
    expect(countOf(vanAfter(van, [row('elbow', { counted: 9 })]), 'elbow')).toBe(9)
  })

  it('keeps pipe apart by its length, and has no less than none', () => {
    const van = vanAfter(empty, [row('pipe', { mm: 3000, count: 2 }), row('pipe', { mm: 6000, count: -1 })])
    expect(van.items.map((of) => [vanKey(of), of.count])).toEqual([
      ['pipe 3000', 2],
      ['pipe 6000', 0],
    ])
  })

  it('keeps how many there are always to be, and says what is low', () => {
    const van = vanAfter(empty, [row('tee', { count: 3, least: 4 }), row('tee', { count: 1 })])
    expect(van.items.map((of) => [of.count, of.least, isLow(of)])).toEqual([[4, 4, false]])
    expect(vanAfter(van, [row('tee', { count: -1 })]).items.map(isLow)).toEqual([true])
  })

  it('knows what was taken for a job, less what came back', () => {
    const out = vanAfter(empty, [row('elbow', { count: 6 }), row('elbow', { count: -4, job: 'a' })])
    expect([countOf(out, 'elbow'), out.taken.map(({ job, count }) => [job, count])]).toEqual([2, [['a', 4]]])
    const back = vanAfter(out, [row('elbow', { count: 1, job: 'a' })])
    expect([countOf(back, 'elbow'), back.taken.map(({ count }) => count)]).toEqual([3, [3]])
    expect(vanAfter(back, [row('elbow', { count: 3, job: 'a' })]).taken).toEqual([])
  })

  it('says what of a row is not accepted', () => {
    const said = (of: object) => vanBookingSchema.safeParse({ rows: [{ item: 'x', what: 'x', ...of }] }).error?.issues
    expect(said({ count: 1.5 })?.[0]?.message).toContain('a whole number from -9999 to 9999')
    expect(said({ counted: -1 })?.[0]?.message).toContain('from 0 to 9999')
    expect(said({ mm: 0 })?.[0]?.message).toContain('millimetres')
    expect(said({ item: '' })?.[0]?.message).toContain('1 to 160')
    expect(said({ count: -1, leftOver: true })?.[0]).toMatchObject({ path: ['rows', 0, 'leftOver'] })
    expect(said({ count: 1, leftOver: true })).toBeUndefined()
    expect(vanBookingSchema.safeParse({ rows: [] }).error?.issues[0]?.message).toBe('at least one row')
  })
})

describe('what is needed against what is there', () => {
  const van = vanAfter(empty, [row('elbow', { count: 4 }), row('flux', { count: 1 })])

  it('five elbows, four there: one to get; taken for the job they are not needed again', () => {
    const loaded = against([need('elbow', 5), need('tee', 1)], van)
    expect(loaded.map(({ item, there, missing }) => [item, there, missing])).toEqual([
      ['elbow', 4, 1],
      ['tee', 0, 1],
    ])
    expect(takenFrom(loaded)).toEqual([need('elbow', 4)])
    const after = vanAfter(van, [row('elbow', { count: -4, job: 'a' })])
    const left = (job: string) => stillNeeded([need('elbow', 5)], after.taken, job).map(({ count }) => count)
    expect([left('a'), left('b')]).toEqual([[1], [5]])
  })

  it('what was left over is not needed again, what was put back for later is', () => {
    const out = vanAfter(van, [row('elbow', { count: -4, job: 'a' })])
    const left = (back: Partial<VanRow>) =>
      stillNeeded([need('elbow', 4)], vanAfter(out, [row('elbow', { count: 1, job: 'a', ...back })]).taken, 'a')
    expect(left({ leftOver: true })).toEqual([])
    expect(left({})).toEqual([need('elbow', 1)])
  })

  it('what a visit before brought is not brought again, booked or not; a tin goes along each time', () => {
    const tin = { ...need('flux', 1), ofTin: { mm: null } }
    const left = (taken: number, earlier: number) =>
      stillNeeded([need('elbow', 6), tin], vanAfter(van, [row('elbow', { count: -taken, job: 'a' })]).taken, 'a', [
        need('elbow', earlier),
        tin,
      ])
    expect(left(0, 4)).toEqual([need('elbow', 2), tin])
    expect(left(3, 4)).toEqual([need('elbow', 2), tin])
    expect(left(4, 2)).toEqual([need('elbow', 2), tin])
  })

  it('what visits before need is not there any more; a tin serves them all', () => {
    const of = against([need('elbow', 3), need('flux', 1, 30)], van, [need('elbow', 3), need('flux', 1, 12)])
    // Four elbows less three: one is there, two are to be got.
    expect(of.map(({ there, promised, missing }) => [there, promised, missing])).toEqual([
      [4, 3, 2],
      [1, 0, 0],
    ])
    expect(against([need('elbow', 3)], van, [need('elbow', 9)])[0]).toMatchObject({ promised: 4, missing: 3 })
  })

  it('one tin serves all jobs, and stays in the van', () => {
    const needed = together([
      [need('elbow', 2), need('flux', 1, 30)],
      [need('elbow', 3), need('flux', 1, 12)],
    ])
    expect(needed.map(({ item, count }) => [item, count])).toEqual([
      ['elbow', 5],
      ['flux', 1],
    ])
    expect(needed[1]?.ofTin).toEqual({ mm: 42 })
    expect(takenFrom(against(needed, van)).map(({ item }) => item)).toEqual(['elbow'])
  })

  it('what goes out was there, and with what is to be got makes what is needed', () => {
    const things = fc.array(fc.record({ item: fc.constantFrom('a', 'b', 'c'), count: fc.integer({ min: 1, max: 9 }) }))
    fc.assert(
      fc.property(things, things, (has, wants) => {
        const there = vanAfter(
          empty,
          has.map(({ item, count }) => row(item, { count })),
        )
        const needed = together([wants.map(({ item, count }) => need(item, count))])
        const loaded = against(needed, there)
        const out = takenFrom(loaded)
        const after = vanAfter(
          there,
          out.map(({ item, count }) => row(item, { count: -count, job: 'j' })),
        )
        for (const { item, count, missing } of loaded) {
          const went = out.find((of) => of.item === item)?.count ?? 0
          expect(went + missing).toBe(count)
          expect(countOf(after, item) ?? 0).toBe((countOf(there, item) ?? 0) - went)
        }
        expect(stillNeeded(needed, after.taken, 'j').reduce((sum, { count }) => sum + count, 0)).toBe(
          loaded.reduce((sum, { missing }) => sum + missing, 0),
        )
      }),
    )
  })
})
