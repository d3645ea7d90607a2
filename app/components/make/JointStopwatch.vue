<script setup lang="ts">
import { formatWait } from '~~/core/quantity/words/format-duration'

/** How long this joint takes: begun by a press, stopped by one or when the joint is made; the plan of work reads it. */
const props = defineProps<{ job: string; joint: string; made: boolean }>()
const { seconds, minutes, begin, stop } = useStopwatch(
  () => props.job,
  () => props.joint,
)
defineExpose({ stop })
</script>

<template>
  <div class="flex flex-wrap items-center gap-3" role="group" aria-label="Stopwatch">
    <PushButton v-if="seconds === null && !made" icon="i-lucide-timer" label="Start the stopwatch" @click="begin" />
    <template v-if="seconds !== null">
      <span class="font-label text-xl font-semibold" data-stopwatch>{{ formatWait(seconds) }}</span>
      <PushButton icon="i-lucide-square" label="Stop" @click="stop" />
    </template>
    <span v-if="seconds === null && minutes !== undefined">
      Took {{ formatWait(Math.round(minutes * 60)) }}: the plan of work counts it.
    </span>
  </div>
</template>
