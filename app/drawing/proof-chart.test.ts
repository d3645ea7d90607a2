import { expect, it } from 'vitest'
import { proofChart, type ProofChart } from './proof-chart'

const chart: ProofChart = {
  readings: [
    { seconds: 0, bar: 10, at: '2026-05-04T10:00:00Z', celsius: 15 },
    { seconds: 90, bar: 9.5, at: '2026-05-04T10:01:30Z' },
  ],
  asked: 10,
  expected: [{ seconds: 90, bar: 9.9, low: 9.8, high: 10 }],
  units: 'metric',
  isDark: false,
}
const seriesOf = (more: Partial<ProofChart> = {}) => proofChart({ ...chart, ...more }).series.map(({ data }) => data)

it('a test is drawn over minutes: the band of a tight one, its middle, what was read, the temperature', () => {
  const [low, band, middle, pressure, warmth] = seriesOf()
  expect([low, middle, pressure, warmth]).toEqual([
    [[1.5, 9.8]],
    [[1.5, 9.9]],
    [
      [0, 10],
      [1.5, 9.5],
    ],
    [[0, 15]],
  ])
  expect(band![0]![1]).toBeCloseTo(0.2)
})

it('in inches it is drawn in psi and °F; without a thermometer its axis is not shown', () => {
  const inches = proofChart({ ...chart, units: 'imperial' })
  expect(inches.yAxis.map(({ name }) => name)).toEqual(['psi', '°F'])
  expect(seriesOf({ units: 'imperial' })[3]![0]![1]).toBeCloseTo(145.038, 2)
  expect(seriesOf({ units: 'imperial' })[4]).toEqual([[0, 59]])
  const bare = proofChart({ ...chart, readings: chart.readings.map(({ celsius: _, ...of }) => of) })
  expect(bare).toMatchObject({ yAxis: [{ name: 'bar' }, { show: false }], grid: { right: 12 } })
})
