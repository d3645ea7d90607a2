<script setup lang="ts">
import { catalogueWith } from '~~/core/catalogue/catalogue'
import { systemAsked } from '~~/core/prove/asked-system'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import type { Reading } from '~~/core/prove/readings'
import { supposedTest, type SupposedTest } from '~~/core/prove/supposed-test'
import { linkWords, type LinkState } from '~/devices/link'
import { simulatedGauge, type SimulatedGauge } from '~/devices/simulated-gauge'

/** Connect a gauge its readings while the test runs. The one shipped is simulated, and can be told what goes on. */
const props = defineProps<{ asked: ProveRequest; bar: number; disabled: boolean }>()
const emit = defineEmits<{ reading: [reading: Reading] }>()
const { say } = useWords()
const state = ref<LinkState>('off')
const last = ref<Reading | null>(null)
const supposed = reactive<SupposedTest>({ leak: 'none', warming: 'still', air: false, thermometer: true })
let gauge: SimulatedGauge | null = null
let stops: (() => void)[] = []
/** A minute of the gauge goes by in a second. */
const faster = 60

const leaks = [
  { value: 'none', label: 'tight' },
  { value: 'weep', label: 'weeps' },
  { value: 'leak', label: 'leaks' },
] as const
const warmings = [
  { value: 'still', label: 'steady' },
  { value: 'cools', label: 'cools' },
  { value: 'warms', label: 'warms' },
] as const

function letGo(): void {
  gauge?.disconnect()
  stops.forEach((stop) => stop())
  stops = []
}
onBeforeUnmount(letGo)

function connect(): void {
  if (gauge && state.value === 'lost') return void gauge.connect()
  letGo()
  const system = systemAsked(catalogueWith([]), props.asked)
  gauge = simulatedGauge(supposedTest(system, props.bar, supposed), faster)
  stops = [
    gauge.onState((now) => (state.value = now)),
    gauge.onReading((reading) => {
      last.value = reading
      emit('reading', reading)
    }),
  ]
  void gauge.connect()
}
</script>

<template>
  <details>
    <summary class="min-h-11 cursor-pointer py-2">Connect a gauge</summary>
    <div class="space-y-3">
      <p role="status">
        The gauge is {{ linkWords[state] }}.
        <template v-if="last">It shows {{ say.testPressure(last.bar) }}.</template>
      </p>
      <fieldset class="flex flex-wrap items-end gap-3 border-l-4 border-(--ui-border) pl-3">
        <legend class="label">Simulated gauge: a minute every second</legend>
        <Choice v-model="supposed.leak" label="The line" :items="leaks" class="w-36" />
        <Choice v-model="supposed.warming" label="Temperature" :items="warmings" class="w-44" />
        <CheckBox v-model="supposed.air" label="air is trapped" />
        <CheckBox v-model="supposed.thermometer" label="a thermometer is on the pipe" />
        <PushButton v-if="state !== 'connected'" :disabled="disabled" @click="connect"
          >Connect the simulated gauge</PushButton
        >
        <template v-else>
          <PushButton @click="letGo">Disconnect</PushButton>
          <PushButton @click="gauge?.dropOut()">Carry it out of range</PushButton>
        </template>
      </fieldset>
    </div>
  </details>
</template>
