<script setup lang="ts">
import type { StepId, StepProgress } from '~~/core/plan/progress'

/** The steps of the work in order, as fittings on one pipe; each with its state and what is open in it. */
defineProps<{ progress: readonly StepProgress[]; job: string }>()
const route = useRoute()
const names: Record<StepId, string> = {
  survey: 'Survey',
  join: 'Join',
  route: 'Route',
  cut: 'Cut',
  make: 'Make',
  prove: 'Prove',
  'hand-over': 'Hand over',
}
const stateText = ({ state, open }: StepProgress) => (open > 0 ? `${state}, ${open} open` : state)
</script>

<template>
  <nav aria-label="Steps of the work" class="@container">
    <ol class="flex">
      <!-- Redrawn only when it says something else: five links cost more than the plan. -->
      <li v-for="step in progress" :key="step.step" v-memo="[step.state, step.open, route.path]" class="flex-1">
        <NuxtLink
          :to="`/jobs/${job}/${step.step}`"
          class="flex h-full min-h-11 flex-col items-center gap-x-2 border-b-4 border-(--drawing-faint) px-1 py-1.5 sm:flex-row sm:px-3"
          active-class="border-(--drawing-pipe)! bg-(--ui-bg)"
          :aria-label="`${names[step.step]}: ${stateText(step)}`"
        >
          <StateMark :state="step.state" />
          <span class="font-label text-lg font-semibold">{{ names[step.step] }}</span>
          <span v-if="step.open" class="label text-base"
            >{{ step.open }}<span class="hidden @4xl:inline"> open</span></span
          >
        </NuxtLink>
      </li>
    </ol>
  </nav>
</template>
