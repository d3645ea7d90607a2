<script setup lang="ts">
import { boreOf, type Pipe } from '~~/core/catalogue/pipe'
import { pipeColour } from '~~/core/draw/line-style'

/** A pipe's cut end, to the same scale as those beside it. */
const props = defineProps<{
  pipe: Pipe
  /** The outside of the largest of them, in mm. */
  largest: number
}>()
const ring = computed(() => {
  const [outer, inner] = [props.pipe.od / 2, boreOf(props.pipe) / 2]
  const circle = (r: number) => `M${-r} 0a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`
  return circle(outer) + circle(inner)
})
const half = computed(() => props.largest / 2 + 0.5)
</script>

<template>
  <svg
    :viewBox="`${-half} ${-half} ${2 * half} ${2 * half}`"
    class="size-10 shrink-0"
    aria-hidden="true"
    fill-rule="evenodd"
  >
    <path :d="ring" :fill="`var(--drawing-${pipeColour(pipe)})`" stroke="currentColor" :stroke-width="half / 40" />
  </svg>
</template>
