<script setup lang="ts">
import type { Step, StepFigure } from '~~/core/procedure/procedure'
import { formatWait } from '~~/core/quantity/words/format-duration'
import { useTimerStore } from '~/stores/timers'

/** The figure that a step needs, and the wait after it with its timer. */
defineProps<{ step: Step; timer: string; where: string; large?: boolean }>()
const { value, rest } = useStepFigure()
const timers = useTimerStore()
/** Words and two limits are longer than a figure, and are set smaller. */
const sizeOf = (figure: StepFigure, large: boolean | undefined) =>
  'mm' in figure ? (large ? 'text-7xl' : 'text-3xl') : large ? 'text-4xl' : 'text-2xl'
const isRunning = (id: string) => timers.running.some((running) => running.id === id)
</script>

<template>
  <div>
    <div v-if="step.figure">
      <span class="label">{{ step.figure.label }}</span>
      <span class="block font-label leading-tight font-semibold" :class="sizeOf(step.figure, large)">{{
        value(step.figure)
      }}</span>
      <span class="block text-sm text-muted">{{ rest(step.figure) }}</span>
      <TurnClock v-if="'turns' in step.figure && step.figure.turns" :turns="step.figure.turns" />
    </div>
    <div v-if="step.wait">
      <span class="label">Wait</span>
      <span class="block font-label leading-tight font-semibold" :class="large ? 'text-7xl' : 'text-3xl'">{{
        formatWait(step.wait.seconds)
      }}</span>
      <span class="block text-sm text-muted">{{ step.wait.basis }}</span>
      <PushButton
        class="mt-1"
        :aria-pressed="isRunning(timer)"
        :active="isRunning(timer)"
        @click="timers.start(timer, `${step.wait.what}: ${where}`, step.wait.seconds)"
      >
        <UIcon name="i-lucide-timer" class="size-5" />{{ isRunning(timer) ? 'Start again' : 'Start the timer' }}
      </PushButton>
    </div>
  </div>
</template>
