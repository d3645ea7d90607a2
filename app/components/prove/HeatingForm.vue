<script setup lang="ts">
import { useLogStore } from '~/stores/log'

/** Heating put to work: filled to a pressure, vented from below up, balanced, every joint inspected again while it is warm. */
const { profile, isDone } = useCommissioning()
const { say } = useWords()
const log = useLogStore()
const bar = ref<number | undefined>()
const isNamed = computed(() => log.who.trim() !== '')
const wants = computed(() =>
  !isNamed.value ? 'Type your name first.' : bar.value === undefined ? 'Type the fill pressure.' : '',
)
function fill(): void {
  if (bar.value === undefined || wants.value) return
  log.write(
    { kind: 'heating-filled', subject: {}, body: { bar: bar.value } },
    `heating filled to ${say.value.testPressure(bar.value)}`,
  )
  bar.value = undefined
}
</script>

<template>
  <details :open="profile.heatingWarm === 'asked'">
    <summary class="min-h-11 cursor-pointer py-2">Heating: fill, vent, balance, inspect warm</summary>
    <form class="flex flex-wrap items-end gap-3" aria-label="Heating" @submit.prevent="fill">
      <TestPressureField v-model="bar" label="Filled to" class="w-28" :least="0" :most="10" optional />
      <PushButton type="submit" :disabled="wants !== ''" label="Filled to that" />
      <PushButton
        :disabled="!isNamed"
        label="Vented from below up"
        @click="log.write({ kind: 'vented', subject: {}, body: {} }, 'vented')"
      />
      <PushButton
        :disabled="!isNamed"
        label="Balanced"
        @click="log.write({ kind: 'balanced', subject: {}, body: {} }, 'balanced')"
      />
      <PushButton
        :disabled="!isNamed"
        label="Inspected warm: all dry"
        @click="log.write({ kind: 'warm-look', subject: {}, body: { dry: true } }, 'inspected warm, all dry')"
      />
      <PushButton
        :disabled="!isNamed"
        label="Inspected warm: not dry"
        @click="log.write({ kind: 'warm-look', subject: {}, body: { dry: false } }, 'inspected warm, not dry')"
      />
      <WhyNot :wants="wants" />
    </form>
    <p class="text-sm text-muted">
      <template v-if="isDone('warm-look')">Inspected warm. </template>Hot pipe burns: look, do not grip. Switch off and
      let it cool before anything is loosened.
    </p>
  </details>
</template>
