import { testPressureOut } from '~~/core/quantity/words/format-water'
import { toFahrenheit } from '~~/core/quantity/temperature'
import type { Units } from '~~/core/quantity/units'
import type { ProofAnswer } from '~~/core/prove/prove'
import type { TestState } from '~~/core/log/site-state'

/** What a chart of a test is drawn from. */
export interface ProofChart {
  readonly readings: TestState['readings']
  /** Pressure that the profile asks for, in bar. */
  readonly asked: number | null
  /** What a tight system would show. */
  readonly expected: ProofAnswer['expected']
  readonly units: Units
  readonly isDark: boolean
}

const coloursOf = (isDark: boolean) => ({
  ink: isDark ? '#e3dccd' : '#302d28',
  copper: isDark ? '#e6a880' : '#a94f22',
  green: isDark ? '#7ec4ac' : '#266f5a',
})

/** Figures as they are drawn: in the units of the job, no finer than they are read. */
const figuresIn = (units: Units) => ({
  pressure: units === 'metric' ? 'bar' : 'psi',
  warmth: units === 'metric' ? '°C' : '°F',
  at: (bar: number) => Math.round(testPressureOut(bar, units) * 1000) / 1000,
  warm: (celsius: number) => (units === 'metric' ? celsius : Math.round(toFahrenheit(celsius) * 10) / 10),
})

const line = { type: 'line' as const, symbol: 'none' }

/** Where 95 of 100 tight systems would read, from its lower edge, which is not drawn, up; and the middle of it. */
function expectedSeries({ expected, units, isDark }: ProofChart) {
  const { at, pressure } = figuresIn(units)
  const { green } = coloursOf(isDark)
  const edge = { ...line, stack: 'band', silent: true, lineStyle: { opacity: 0 } }
  return [
    { ...edge, data: expected.map(({ seconds, low }) => [seconds / 60, at(low)]) },
    {
      ...edge,
      stackStrategy: 'all' as const,
      areaStyle: { color: green, opacity: 0.18 },
      data: expected.map(({ seconds, low, high }) => [seconds / 60, at(high) - at(low)]),
    },
    {
      ...line,
      name: `Tight, ${pressure}`,
      silent: true,
      lineStyle: { width: 1, type: 'dashed' as const, color: green },
      data: expected.map(({ seconds, bar }) => [seconds / 60, at(bar)]),
    },
  ]
}

/** What was read: pressure, the pressure that was asked for across it, and the temperature. */
function readSeries({ readings, asked, units, isDark }: ProofChart) {
  const { at, warm, pressure, warmth } = figuresIn(units)
  const { ink, copper, green } = coloursOf(isDark)
  return [
    {
      type: 'line' as const,
      name: `Pressure, ${pressure}`,
      data: readings.map(({ seconds, bar }) => [seconds / 60, at(bar)]),
      symbolSize: 6,
      lineStyle: { width: 2, color: copper },
      itemStyle: { color: copper },
      markLine: {
        silent: true,
        symbol: 'none',
        label: { formatter: 'target', color: ink, position: 'insideEndBottom' as const },
        lineStyle: { color: ink, type: 'dashed' as const },
        data: asked === null ? [] : [{ yAxis: at(asked) }],
      },
    },
    {
      type: 'line' as const,
      name: `Temperature, ${warmth}`,
      yAxisIndex: 1,
      data: readings.flatMap(({ seconds, celsius }) => (celsius === undefined ? [] : [[seconds / 60, warm(celsius)]])),
      symbol: 'diamond',
      symbolSize: 6,
      lineStyle: { width: 1.5, type: 'dotted' as const, color: green },
      itemStyle: { color: green },
    },
  ]
}

/** The gauge's trace as ECharts draws it: pressure over minutes, and the temperature where it was read. */
export function proofChart(chart: ProofChart) {
  const { ink } = coloursOf(chart.isDark)
  const { pressure, warmth } = figuresIn(chart.units)
  const hasWarmth = chart.readings.some(({ celsius }) => celsius !== undefined)
  const axis = { axisLabel: { color: ink }, nameTextStyle: { color: ink }, splitLine: { show: false } }
  return {
    animation: false,
    textStyle: { fontFamily: 'Source Sans 3', color: ink },
    grid: { left: 48, right: hasWarmth ? 48 : 12, top: 28, bottom: 40 },
    tooltip: { trigger: 'axis' as const },
    xAxis: { type: 'value' as const, name: 'minutes', nameLocation: 'middle' as const, nameGap: 24, min: 0, ...axis },
    yAxis: [
      { type: 'value' as const, name: pressure, scale: true, ...axis },
      { type: 'value' as const, name: warmth, scale: true, show: hasWarmth, minInterval: 0.5, ...axis },
    ],
    series: [...expectedSeries(chart), ...readSeries(chart)],
  }
}
