<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { proofChart } from '~/drawing/proof-chart'
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
const option = computed(() => proofChart({ ...props, units: units.value, isDark: colorMode.value === 'dark' }))
</script>

<template>
  <figure>
    <VChart :option="option" autoresize class="h-72! w-full" role="img" aria-label="The gauge’s trace" />
    <figcaption v-if="expected.length" class="text-sm text-muted">
      Band: where 95 of 100 tight systems like this one read. Dotted: pipe temperature.
    </figcaption>
  </figure>
</template>
