<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { Comparison } from '~~/core/join/compare'

/** What each method costs over a growing number of joints; told apart by dash and mark as well as colour. */
const props = defineProps<{ curves: Comparison['curves']; currency: string }>()
use([LineChart, GridComponent, LegendComponent, TooltipComponent, SVGRenderer])
const colorMode = useColorMode()
const { methodName } = useMethods()

const dashes = ['solid', 'dashed', 'dotted', [8, 3, 2, 3]] as const
const marks = ['circle', 'rect', 'triangle', 'diamond', 'pin'] as const
const colours = {
  light: ['#a94f22', '#266f5a', '#47423a', '#b45309', '#7d7465'],
  dark: ['#e6a880', '#7ec4ac', '#e3dccd', '#fbbf24', '#a79d8a'],
} as const

const option = computed(() => {
  const isDark = colorMode.value === 'dark'
  const ink = isDark ? '#e3dccd' : '#302d28'
  const palette = isDark ? colours.dark : colours.light
  return {
    animation: false,
    textStyle: { fontFamily: 'Source Sans 3', color: ink },
    grid: { left: 56, right: 12, top: 64, bottom: 40 },
    legend: { top: 0, textStyle: { color: ink }, itemWidth: 34 },
    tooltip: { trigger: 'axis' as const },
    xAxis: {
      type: 'value' as const,
      name: 'joints',
      nameLocation: 'middle' as const,
      nameGap: 24,
      max: (props.curves[0]?.costs.length ?? 1) - 1,
      axisLabel: { color: ink },
      nameTextStyle: { color: ink },
      splitLine: { show: false },
    },
    yAxis: { type: 'value' as const, name: props.currency, axisLabel: { color: ink }, nameTextStyle: { color: ink } },
    series: props.curves.map(({ method, costs }, index) => ({
      type: 'line' as const,
      name: methodName(method),
      data: costs.map((cost, joints) => [joints, cost]).slice(1),
      showSymbol: true,
      symbol: marks[index % marks.length],
      symbolSize: (_: unknown, { dataIndex }: { dataIndex: number }) =>
        dataIndex % Math.max(1, Math.round(costs.length / 8)) === 0 ? 8 : 0,
      lineStyle: { type: dashes[index % dashes.length] as 'solid', width: 2, color: palette[index % palette.length] },
      itemStyle: { color: palette[index % palette.length] },
    })),
  }
})
</script>

<template>
  <VChart :option="option" autoresize class="h-80! w-full" role="img" aria-label="Cost over the number of joints" />
</template>
