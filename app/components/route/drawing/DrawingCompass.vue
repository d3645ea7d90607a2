<script setup lang="ts">
import { useDecidedStore } from '~/stores/decided'
import { compassOf, type DrawingView } from '~~/core/draw/drawing'

/** Which way the drawing looks: its axes, each with its word, drawn in the units of its place. */
const props = defineProps<{ view: DrawingView }>()
// A call is drawn before there is a job.
const open = useDecidedStore()
const compass = computed(() => compassOf(props.view, open.job?.facing))
</script>

<template>
  <g stroke="currentColor" stroke-width="0.25" aria-hidden="true">
    <g v-for="{ word, at } in compass" :key="word">
      <line x1="0" y1="0" :x2="at[0] * 5" :y2="at[1] * 5" />
      <text
        :x="at[0] * 6.5"
        :y="at[1] * 6.5 + 0.8"
        font-size="2.500"
        text-anchor="middle"
        fill="currentColor"
        stroke="none"
        class="font-label"
      >
        {{ word }}
      </text>
    </g>
  </g>
</template>
