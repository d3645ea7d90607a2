<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { testPressureOut } from '~~/core/quantity/format-water'
import { toFahrenheit } from '~~/core/quantity/temperature'
import type { ProofAnswer } from '~~/core/prove/prove'
import type { TestState } from '~~/core/log/site-state'

/** The gauge's trace: pressure over minutes, within the band that a tight system would keep to, with the pressure that the profile asks for, and the temperature where it was read. */
const props = defineProps<{
  readings: TestState['readings']
  asked: number | null
  /** What a tight system would show. */
  expected: ProofAnswer['expected']
}>()
use([LineChart, GridComponent, MarkLineComponent, TooltipComponent, SVGRenderer])
const colorMode = useColorMode()
const { units } = useWords()
const unit = computed(() => (units.value === 'metric' ? 'bar' : 'psi'))
const degrees = computed(() => (units.value === 'metric' ? '°C' : '°F'))
const warm = (celsius: number) => (units.value === 'metric' ? celsius : Math.round(toFahrenheit(celsius) * 10) / 10)

const option = computed(() => {
  const isDark = colorMode.value === 'dark'
  const ink = isDark ? '#e3dccd' : '#302d28'
  const copper = isDark ? '#e6a880' : '#a94f22'
  const green = isDark ? '#7ec4ac' : '#266f5a'
  const at = (bar: number) => Math.round(testPressureOut(bar, units.value) * 1000) / 1000
  const hasWarmth = props.readings.some(({ celsius }) => celsius !== undefined)
  const axis = { axisLabel: { color: ink }, nameTextStyle: { color: ink }, splitLine: { show: false } }
  return {
    animation: false,
    textStyle: { fontFamily: 'Source Sans 3', color: ink },
    grid: { left: 48, right: hasWarmth ? 48 : 12, top: 28, bottom: 40 },
    tooltip: { trigger: 'axis' as const },
    xAxis: { type: 'value' as const, name: 'minutes', nameLocation: 'middle' as const, nameGap: 24, min: 0, ...axis },
    yAxis: [
      { type: 'value' as const, name: unit.value, scale: true, ...axis },
      { type: 'value' as const, name: degrees.value, scale: true, show: hasWarmth, minInterval: 0.5, ...axis },
    ],
    series: [
      // The band: from its lower edge, which is not drawn, up.
      {
        type: 'line' as const,
        stack: 'band',
        silent: true,
        symbol: 'none',
        lineStyle: { opacity: 0 },
        data: props.expected.map(({ seconds, low }) => [seconds / 60, at(low)]),
      },
      {
        type: 'line' as const,
        stack: 'band',
        stackStrategy: 'all' as const,
        silent: true,
        symbol: 'none',
        lineStyle: { opacity: 0 },
        areaStyle: { color: green, opacity: 0.18 },
        data: props.expected.map(({ seconds, low, high }) => [seconds / 60, at(high) - at(low)]),
      },
      {
        type: 'line' as const,
        name: `Tight, ${unit.value}`,
        silent: true,
        symbol: 'none',
        lineStyle: { width: 1, type: 'dashed' as const, color: green },
        data: props.expected.map(({ seconds, bar }) => [seconds / 60, at(bar)]),
      },
      {
        type: 'line' as const,
        name: `Pressure, ${unit.value}`,
        data: props.readings.map(({ seconds, bar }) => [seconds / 60, at(bar)]),
        symbolSize: 6,
        lineStyle: { width: 2, color: copper },
        itemStyle: { color: copper },
        markLine: {
          silent: true,
          symbol: 'none',
          label: { formatter: 'asked for', color: ink, position: 'insideEndBottom' as const },
          lineStyle: { color: ink, type: 'dashed' as const },
          data: props.asked === null ? [] : [{ yAxis: at(props.asked) }],
        },
      },
      {
        type: 'line' as const,
        name: `Temperature, ${degrees.value}`,
        yAxisIndex: 1,
        data: props.readings.flatMap(({ seconds, celsius }) =>
          celsius === undefined ? [] : [[seconds / 60, warm(celsius)]],
        ),
        symbol: 'diamond',
        symbolSize: 6,
        lineStyle: { width: 1.5, type: 'dotted' as const, color: green },
        itemStyle: { color: green },
      },
    ],
  }
})
</script>

<template>
  <figure>
    <VChart :option="option" autoresize class="h-72! w-full" role="img" aria-label="The gauge’s trace" />
    <figcaption v-if="expected.length" class="text-sm text-muted">
      Band: where 95 of 100 tight systems like this would read. Dotted: the pipe’s temperature.
    </figcaption>
  </figure>
</template>
