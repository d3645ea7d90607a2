import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { shippedCosts } from '../workshop/costs'
import { profiles } from '../workshop/profile'
import { pipeId } from '../testing/sample-run'
import { compareMethods, costOver, hoursOver } from './compare'
import { judgeAll } from './judge'

const copper = catalogue.pipe(pipeId('EN 1057', '15', 0.7))!
const verdicts = judgeAll(catalogue, copper, { service: 'cold', place: {}, profile: profiles.metric })
const compare = (joints: number, tools?: { method: 'solder' }[]) =>
  compareMethods(verdicts, { costs: shippedCosts, profile: profiles.metric, tools, upTo: joints })
const row = (of: ReturnType<typeof compare>, method: string) => of.rows.find((found) => found.method === method)!

describe('comparing methods', () => {
  it('by hand: ten soldered joints', () => {
    const solder = row(compare(10), 'solder')
    // Half a coupling 0.45 and 0.50 of solder; 5 minutes at 48 an hour are 4.00.
    expect(solder).toMatchObject({ fitting: 0.45, consumables: 0.5, each: 4.95, tool: 120, watch: 60, skill: 'much' })
    // Tool 120, an hour's watch 48, ten joints 49.50.
    expect(costOver(solder, 10, shippedCosts)).toBe(217.5)
    expect(costOver(solder, 0, shippedCosts)).toBe(0)
  })

  it('a fire watch each day of hot work: a hundred and twenty joints of five minutes are two days', () => {
    const solder = row(compare(120), 'solder')
    expect(hoursOver(solder, 120)).toBe(12)
    // Tool 120, two hours' watch 96, a hundred and twenty joints 594.
    expect(costOver(solder, 120, shippedCosts)).toBe(810)
    expect(hoursOver(solder, 84)).toBe(8)
    expect(hoursOver(row(compare(120), 'press-metal'), 30)).toBe(1)
  })

  it('tees and elbows: a joint’s share of a dearer fitting', () => {
    const of = (kind: 'elbow 90' | 'tee') =>
      compareMethods(verdicts, { costs: shippedCosts, profile: profiles.metric, upTo: 10, kind }).rows
    // An elbow is 1.6 couplings with two joints; a tee 2.2 times what its three ends cost.
    expect(of('elbow 90').find(({ method }) => method === 'press-metal')!.fitting).toBe(3.04)
    expect(of('tee').find(({ method }) => method === 'press-metal')!.fitting).toBe(4.18)
  })

  it('a tool that is owned is not paid for again', () => {
    expect(row(compare(10, [{ method: 'solder' }]), 'solder').tool).toBe(0)
  })

  it('the press tool against the torch: at the break-even it costs no more, one joint before it does', () => {
    const { breakEvens, rows } = compare(10)
    const press = breakEvens.find(({ dearTool, cheapTool }) => dearTool === 'press-metal' && cheapTool === 'solder')!
    const at = (method: string, joints: number) =>
      costOver(
        rows.find((of) => of.method === method)!,
        joints,
        shippedCosts,
      )
    expect(at('press-metal', press.joints)).toBeLessThanOrEqual(at('solder', press.joints))
    expect(at('press-metal', press.joints - 1)).toBeGreaterThan(at('solder', press.joints - 1))
  })

  it('only what is not refused, the cheapest first; a curve for each', () => {
    const { rows, curves } = compare(4)
    expect(rows.map(({ method }) => method).toSorted()).toEqual(['compression', 'press-metal', 'push-fit', 'solder'])
    const totals = rows.map((of) => costOver(of, 4, shippedCosts))
    expect(totals).toEqual(totals.toSorted((a, b) => a - b))
    expect(curves.every(({ costs }) => costs.length === 5)).toBe(true)
    expect(() => compare(0)).toThrow(RangeError)
  })
})
