<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { stepAt, stepPressure, type TestStep } from '~~/core/prove/profile'
import { formatClock } from '~~/core/quantity/words/format-duration'

/** The steps of a test, which of them it is now and how long that still takes; by the clock, so that a reload loses nothing. */
const props = defineProps<{ steps: readonly TestStep[]; design: number; since: number; read: number }>()
const { say } = useWords()
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
/** Connect a gauge may be ahead of the clock. */
const seconds = computed(() => Math.max(props.read, (now.value - props.since) / 1000))
const at = computed(() => stepAt(props.steps, seconds.value))
const words = { raise: 'Raise to', 'top up': 'Top up at', lower: 'Lower to', hold: 'Hold at' } as const
</script>

<template>
  <ol class="ruled border-y border-(--ui-border)" aria-label="Steps of the test">
    <li
      v-for="(step, index) in steps"
      :key="index"
      class="flex min-h-10 items-center gap-2"
      :class="index === at.index ? 'font-semibold' : ''"
      :aria-current="index === at.index ? 'step' : undefined"
    >
      <UIcon
        :name="index < at.index ? 'i-lucide-check' : index === at.index ? 'i-lucide-arrow-right' : 'i-lucide-circle'"
        class="size-5 shrink-0"
      />
      <span class="flex-1">
        {{ words[step.does] }} {{ say.testPressure(stepPressure(step, design))
        }}<template v-if="step.seconds"> for {{ step.seconds / 60 }} minutes</template>
      </span>
      <span v-if="index === at.index && at.left > 0" class="font-label text-2xl" data-step-left>
        {{ formatClock(at.left) }} left
      </span>
    </li>
    <li v-if="at.index === steps.length" class="flex min-h-10 items-center font-semibold" data-time-up>
      The test time is up.
    </li>
  </ol>
</template>
