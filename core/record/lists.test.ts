import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { speakerIn } from '../speech'
import { pipeId, sampleJob } from '../testing/sample-run'
import { bringTable, cutTable } from './lists'

const pipe = pipeId('EN 1057', '22', 0.9)
const job = sampleJob({
  pipe,
  method: 'solder',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'up', 400, 'open:e'],
  ],
})
const plan = planJob(job, catalogue)
const words = { units: 'metric', say: speakerIn('metric') } as const
const inches = { units: 'imperial', say: speakerIn('imperial') } as const

describe('lists as tables', () => {
  it('the cut list has each piece with its item, its cut and both marks, in the units that its head names', () => {
    const { head, rows } = cutTable(plan, (id) => catalogue.pipe(id)!.nominal, words)
    expect(head).toContain('cut, mm')
    // 1 000 less the elbow's 14.6: 985.4, to the half 985.5; it goes in 15.4.
    expect(rows[0]).toEqual(['P1', '22', pipe, 985.5, 1.5, null, 'open', 15.5])
    const american = cutTable(plan, () => '', inches)
    expect(american.head).toContain('cut, in')
    // 985.4 are 38.795 inches: 38 13/16.
    expect(american.rows[0]![3]).toBe(38.8125)
  })

  it('names the order code of what has one, in a column of its own', () => {
    const [elbow] = plan.fittings
    const { head, rows } = bringTable(plan, new Map(), { ...words, prices: { [elbow!.item]: { code: 'E-22' } } })
    expect(head.at(-1)).toBe('code')
    expect(rows).toContainEqual([1, elbow!.label, elbow!.item, null, 'E-22'])
    expect(rows[0]!.at(-1)).toBeNull()
    const cut = cutTable(plan, () => '', { ...words, prices: { [pipe]: { code: 'C-22' } } })
    expect([cut.head.at(-1), ...cut.rows.map((row) => row.at(-1))]).toEqual(['code', 'C-22', 'C-22'])
    expect(cut.rows.every((row) => row.length === cut.head.length)).toBe(true)
  })

  it('what to bring has lengths of pipe, fittings by their item, and what comes from a reel without a count', () => {
    const { head, rows } = bringTable(plan, new Map(), words)
    expect(head).toEqual(['count', 'what', 'item', 'length, mm'])
    const [stock] = plan.stock
    expect(rows[0]).toEqual([1, stock!.label, pipe, stock!.length])
    const [elbow] = plan.fittings
    expect(rows).toContainEqual([1, elbow!.label, elbow!.item, null])
    const solder = plan.supplies.find(({ mm }) => mm !== null)!
    // A tenth of a metre serves two joints.
    expect(rows).toContainEqual([null, solder.label, solder.item, 100])
    expect(rows).toHaveLength(
      1 + plan.fittings.length + plan.sundries.length + plan.clipCounts.length + plan.supplies.length,
    )
  })
})
