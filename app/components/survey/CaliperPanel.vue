<script setup lang="ts">
import type { Observation } from '~~/core/job/observation'
import { linkWords, type LinkState } from '~/devices/link'
import { simulatedCaliper } from '~/devices/simulated-caliper'

/** A caliper that sends its readings: what it measures is said here, its key sends. The one shipped is simulated. */
const emit = defineEmits<{ observe: [seen: Observation] }>()
const { diameter } = useWords()
const caliper = simulatedCaliper()
const state = ref<LinkState>('off')
const last = ref<number | null>(null)
const across = ref<'diameter' | 'wall'>('diameter')
const between = ref<number | undefined>(22)
const items = [
  { value: 'diameter', label: 'across the pipe' },
  { value: 'wall', label: 'the wall at a cut end' },
] as const

const stops = [
  caliper.onState((now) => (state.value = now)),
  caliper.onReading((mm) => {
    last.value = mm
    emit('observe', across.value === 'wall' ? { kind: 'wall', mm } : { kind: 'diameter', mm, instrument: 'caliper' })
  }),
]
onBeforeUnmount(() => {
  caliper.disconnect()
  stops.forEach((stop) => stop())
})

function pressKey(): void {
  caliper.put(between.value ?? 0)
  caliper.pressKey()
}
</script>

<template>
  <div class="space-y-3 pb-3">
    <p role="status">
      The caliper is {{ linkWords[state] }}.
      <template v-if="last !== null">
        Last reading <span class="font-label text-2xl font-semibold">{{ diameter(last) }}</span>
      </template>
    </p>
    <div class="flex flex-wrap items-end gap-3">
      <PushButton v-if="state !== 'connected'" @click="caliper.connect()"> Connect the simulated caliper </PushButton>
      <PushButton v-else @click="caliper.disconnect()">Disconnect</PushButton>
      <Choice v-model="across" label="It measures" :items="items" class="w-56" />
    </div>
    <fieldset class="flex flex-wrap items-end gap-3 border-l-4 border-(--ui-border) pl-3">
      <legend class="label">The simulated device</legend>
      <LengthField v-model="between" label="Between its jaws" class="w-40" :limits="{ min: 0.1, max: 200 }" />
      <PushButton color="primary" variant="solid" :disabled="state !== 'connected'" @click="pressKey">
        Press its key
      </PushButton>
      <PushButton :disabled="state !== 'connected'" @click="caliper.dropOut()"> Carry it out of range </PushButton>
      <WhyNot :wants="state === 'connected' ? '' : 'Connect it first.'" />
    </fieldset>
  </div>
</template>
