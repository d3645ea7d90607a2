<script setup lang="ts">
import type { VerdictKind } from '~~/core/join/verdict'

/** A verdict as a shape, a word and a colour: ring, triangle, crossed square. */
const props = withDefaults(defineProps<{ verdict: VerdictKind; word?: boolean }>(), { word: true })
const look = {
  fits: { text: 'fits', colour: 'text-(--ui-success)' },
  caution: { text: 'caution', colour: 'text-(--ui-warning)' },
  refuse: { text: 'refused', colour: 'text-(--ui-error)' },
} as const
const shown = computed(() => look[props.verdict])
</script>

<template>
  <span class="inline-flex items-center gap-1.5 whitespace-nowrap font-semibold" :class="shown.colour">
    <svg
      viewBox="0 0 16 16"
      class="size-4 shrink-0"
      fill="none"
      stroke="currentColor"
      stroke-width="2"
      aria-hidden="true"
    >
      <path v-if="verdict === 'fits'" d="M8 1.500a6.500 6.500 0 1 0 .01 0zM4.500 8l2.500 2.500 4.500-5" />
      <path v-else-if="verdict === 'caution'" d="M8 2 15 14.500H1zM8 6.500v4M8 12v1" />
      <path v-else d="M2 2h12v12H2zM5 5l6 6M11 5l-6 6" />
    </svg>
    <span :class="word ? '' : 'sr-only'">{{ shown.text }}</span>
  </span>
</template>
