<script setup lang="ts">
import type { StepId, StepProgress } from '~~/core/progress'

/** The steps of the work in order, as fittings on one pipe; each with its state and what is open in it. */
defineProps<{ progress: readonly StepProgress[]; job: string }>()
const names: Record<StepId, string> = { survey: 'Survey', join: 'Join', route: 'Route', cut: 'Cut', make: 'Make' }
const stateText = ({ state, open }: StepProgress) => (open > 0 ? `${state}, ${open} open` : state)
</script>

<template>
  <nav aria-label="Steps of the work" class="overflow-x-auto">
    <ol class="flex min-w-max sm:min-w-0">
      <li v-for="step in progress" :key="step.step" class="flex-1">
        <NuxtLink
          :to="`/jobs/${job}/${step.step}`"
          class="group flex min-h-11 items-center gap-2 border-b-4 border-(--drawing-faint) px-3 py-1.5"
          active-class="border-(--drawing-pipe)! bg-(--ui-bg)"
          :aria-label="`${names[step.step]}: ${stateText(step)}`"
        >
          <StateMark :state="step.state" />
          <span class="font-label text-lg font-semibold">{{ names[step.step] }}</span>
          <span v-if="step.open" class="label text-base tabular-nums">{{ step.open }} open</span>
        </NuxtLink>
      </li>
    </ol>
  </nav>
</template>
