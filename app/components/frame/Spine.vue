<script setup lang="ts">
import type { StepProgress } from '~~/core/plan/progress'

/**
 * The steps of the work in order, as fittings on one pipe; each with its state and what is open in it. As a bar they
 * lie under the thumb; in a list they name the job that they are of.
 */
defineProps<{ progress: readonly StepProgress[]; job: string; bar?: boolean; of?: string }>()
const route = useRoute()
const stateWords: Readonly<Record<StepProgress['state'], string>> = {
  'not begun': 'not begun',
  'in hand': 'in hand',
  reservation: 'with a caution',
  done: 'done',
}
const stateText = ({ state, open }: StepProgress) =>
  open > 0 ? `${stateWords[state]}, ${open} open` : stateWords[state]
</script>

<template>
  <nav
    :aria-label="of ? `Steps of ${of}` : 'Steps of the work'"
    class="@container"
    :class="bar ? 'no-print border-t border-(--ui-border) bg-(--ui-bg-muted)' : ''"
  >
    <ol class="flex">
      <!-- Redrawn only when it says something else: five links cost more than the plan. -->
      <li
        v-for="step in progress"
        :key="step.step"
        v-memo="[step.state, step.open, route.path, bar]"
        class="min-w-0 flex-1"
        :class="bar ? '' : '@xl:flex-auto'"
      >
        <NuxtLink
          :to="`/jobs/${job}/${step.step}`"
          class="relative flex h-full min-h-11 flex-col items-center border-(--drawing-faint)"
          :class="
            bar
              ? 'min-h-14 border-t-4 pt-1 text-center leading-none'
              : 'gap-x-2 border-b-4 px-1 py-1.5 text-center @xl:flex-row @xl:px-2 @xl:whitespace-nowrap'
          "
          active-class="border-(--drawing-pipe)! bg-(--ui-bg)"
          :aria-label="`${stepNames[step.step]}: ${stateText(step)}`"
        >
          <StateMark :state="step.state" />
          <span
            class="font-label font-semibold"
            :class="bar ? 'mt-0.5 text-sm leading-none' : 'text-sm leading-none @xl:text-lg'"
            >{{ stepNames[step.step] }}</span
          >
          <span
            v-if="step.open"
            class="label text-base"
            :class="bar ? 'absolute top-0.5 left-1/2 ml-3 text-sm! leading-none' : ''"
            >{{ step.open }}<span v-if="!bar" class="hidden @5xl:inline"> open</span></span
          >
        </NuxtLink>
      </li>
    </ol>
  </nav>
</template>
