<script setup lang="ts">
import type { StepState } from '~~/core/plan/progress'

/** Where a step stands, as a shape: open ring, half ring, triangle, ticked ring. */
defineProps<{ state: StepState }>()
</script>

<template>
  <svg
    viewBox="0 0 20 20"
    class="size-5 shrink-0"
    fill="none"
    stroke="currentColor"
    stroke-width="2"
    aria-hidden="true"
  >
    <path
      v-if="state === 'reservation'"
      d="M10 3 18 17H2zM10 8v4M10 14v1"
      class="text-(--ui-warning)"
      stroke="currentColor"
    />
    <template v-else>
      <circle cx="10" cy="10" r="7.500" :class="state === 'done' ? 'text-(--ui-success)' : ''" stroke="currentColor" />
      <path v-if="state === 'in hand'" d="M10 2.500a7.500 7.500 0 0 1 0 15z" fill="currentColor" stroke="none" />
      <path v-if="state === 'done'" d="M6 10.500l3 3 5-6" class="text-(--ui-success)" stroke="currentColor" />
    </template>
  </svg>
</template>
