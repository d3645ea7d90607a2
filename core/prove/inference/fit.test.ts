import { expect, it } from 'vitest'
import { fit, type Unknown } from './fit'
import { still, type Supposed } from './forward'
import { systemOf } from '../softness'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { pipeId } from '../../testing/sample-run'

const system = systemOf([{ pipe: catalogue.pipe(pipeId('EN 1057', '22', 0.9))!, litres: 3 }], 0)
const identity = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
].map((row) => Float64Array.from(row))
const bar = [1, 0.5, -0.3]
const unknown = (of: 'creep' | 'heat', mean: number, deviation: number, more: Partial<Unknown> = {}): Unknown => ({
  ...{ of, mean, deviation, low: -10, high: 10 },
  ...more,
})
const [first, second] = [unknown('creep', 0.2, 0.8), unknown('heat', -0.1, 1.3)]
const along = { creep: [1, 0, 0.5], heat: [0.7, 1, -0.4] }
const predict = ({ creep, heat }: Supposed) =>
  Float64Array.from(bar, (_, at) => creep * along.creep[at]! + heat * along.heat[at]!)

/** The same by adding up over a fine grid: how likely the readings are, averaged over what is not known. */
function byGrid(unknowns: readonly Unknown[]): { log: number; of: number[] } {
  const step = 0.05
  const places = Array.from({ length: 401 }, (_, at) => (at - 200) * step)
  const density = (x: number, { mean, deviation }: Unknown) =>
    Math.exp(-0.5 * ((x - mean) / deviation) ** 2) / (deviation * Math.sqrt(2 * Math.PI))
  let sum = 0
  const off = unknowns.map(() => 0)
  const visit = (chosen: number[]): void => {
    if (chosen.length < unknowns.length) return places.forEach((place) => visit([...chosen, place]))
    const supposed = { ...still(system) }
    const told = predict(chosen.reduce((all, x, index) => ({ ...all, [unknowns[index]!.of]: x }), supposed as Supposed))
    const prior = chosen.reduce((all, x, index) => all * density(x, unknowns[index]!) * step, 1)
    const likely = Math.exp(-0.5 * bar.reduce((all, value, at) => all + (value - told[at]!) ** 2, 0)) * prior
    sum += likely
    chosen.forEach((x, index) => (off[index]! += x * likely))
  }
  visit([])
  return { log: Math.log(sum), of: off.map((all) => all / sum) }
}

it.each([
  ['nothing', []],
  ['one figure', [first]],
  ['two figures, that are not square to each other', [first, second]],
])('readings with %s unknown are as likely as a grid over it says, and so are the figures', (_, unknowns) => {
  const found = fit(still(system), unknowns, { bar, lower: identity, predict })
  const added = byGrid(unknowns)
  expect(found.log).toBeCloseTo(added.log, 6)
  unknowns.forEach(({ of }, index) => expect(found.supposed[of]).toBeCloseTo(added.of[index]!, 6))
})

it('a figure stays within its bounds, and what is left shows what it could not explain', () => {
  const found = fit(still(system), [unknown('creep', 0.2, 0.8, { high: 0.3 })], { bar, lower: identity, predict })
  expect(found.supposed.creep).toBe(0.3)
  expect([...found.left]).toEqual([expect.closeTo(0.7, 9), expect.closeTo(0.5, 9), expect.closeTo(-0.45, 9)])
})

it('a curve is followed round: the fit of a square ends where the readings are', () => {
  const squared = ({ creep }: Supposed) => Float64Array.from([creep ** 2, creep ** 2, 0])
  const asked = { bar: [4, 4, 0], lower: identity, predict: squared }
  const found = fit({ ...still(system), creep: 1.5 }, [unknown('creep', 1, 100)], asked)
  expect(found.supposed.creep).toBeCloseTo(2, 1)
})
