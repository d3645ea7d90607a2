<script setup lang="ts">
import type { Dimension } from '~~/core/draw/dimensions'
import type { Point } from '~~/core/draw/drawing'

/** The lengths of the drawn legs, each beside its own or on a leader; pressed, one is typed anew. */
defineProps<{
  dimensions: readonly (Dimension & { readonly length: number })[]
  pieceOf: ReadonlyMap<string, string>
  legName: (leg: string) => string
  /** The style that puts letters at a place. */
  place: (at: Point) => string
}>()
const emit = defineEmits<{ length: [leg: string] }>()
const { figure, units } = useWords()
</script>

<template>
  <line
    v-for="{ leg: id, at, leader } in dimensions.filter((of) => of.leader)"
    :key="`leader ${id}`"
    :x1="leader![0]"
    :y1="leader![1]"
    :x2="at[0]"
    :y2="at[1]"
    stroke="currentColor"
    stroke-width="0.8"
    vector-effect="non-scaling-stroke"
    class="pointer-events-none"
  />
  <g
    v-for="{ leg: id, at, length } in dimensions"
    :key="id"
    v-memo="[...at, length, pieceOf.get(id), units]"
    :style="place(at)"
    class="cursor-text"
    role="button"
    :aria-label="`Length of ${legName(id)}, ${figure(length)}`"
    @click="emit('length', id)"
  >
    <text
      y="1"
      font-size="3"
      text-anchor="middle"
      fill="currentColor"
      stroke="var(--ui-bg)"
      stroke-width="0.900"
      paint-order="stroke"
      class="font-label font-semibold"
    >
      {{ figure(length) }}
      <tspan v-if="pieceOf.get(id)" fill="var(--drawing-pipe)" dx="0.800">{{ pieceOf.get(id) }}</tspan>
    </text>
  </g>
</template>
