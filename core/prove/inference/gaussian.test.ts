import { expect, it } from 'vitest'
import { likelihoodWith, type Slack } from './gaussian'

const slack = (along: number[], mean: number, deviation: number): Slack => ({
  along: Float64Array.from(along),
  mean,
  deviation,
})
const residual = Float64Array.from([1, 0.5, -0.3])
const [first, second] = [slack([1, 0, 0.5], 0.2, 0.8), slack([0.7, 1, -0.4], -0.1, 1.3)]

/** The same by adding up over a fine grid: how likely the residual is, averaged over what the slacks may be. */
function byGrid(slacks: readonly Slack[]): { log: number; off: number[] } {
  const step = 0.05
  const places = Array.from({ length: 401 }, (_, at) => (at - 200) * step)
  const density = (x: number, { mean, deviation }: Slack) =>
    Math.exp(-0.5 * ((x - mean) / deviation) ** 2) / (deviation * Math.sqrt(2 * Math.PI))
  let sum = 0
  const off = slacks.map(() => 0)
  const visit = (chosen: number[]): void => {
    const next = slacks[chosen.length]
    if (next) return places.forEach((place) => visit([...chosen, place]))
    const left = residual.map((value, at) =>
      chosen.reduce((rest, x, index) => rest - x * slacks[index]!.along[at]!, value),
    )
    const prior = chosen.reduce((all, x, index) => all * density(x, slacks[index]!) * step, 1)
    const likely = Math.exp(-0.5 * left.reduce((all, value) => all + value * value, 0)) * prior
    sum += likely
    chosen.forEach((x, index) => (off[index]! += x * likely))
  }
  visit([])
  return { log: Math.log(sum), off: off.map((all) => all / sum) }
}

it.each([
  ['none', []],
  ['one', [first]],
  ['two, that are not square to each other', [first, second]],
])('a residual that may be off along %s is as likely as a grid over it says', (_, slacks) => {
  const [reckoned, added] = [likelihoodWith(residual, slacks), byGrid(slacks)]
  expect(reckoned.log).toBeCloseTo(added.log, 6)
  expect(reckoned.off.map((of) => Math.round(of * 1e6) / 1e6)).toEqual(
    added.off.map((of) => Math.round(of * 1e6) / 1e6),
  )
})
