<script setup lang="ts">
import type { Pipe } from '~~/core/catalogue/pipe'
import { drawChain } from '~~/core/draw/draw-chain'

/** The two pipe ends facing each other, diameters and depths to scale. */
const props = defineProps<{
  a: Pipe
  b: Pipe
  between: readonly { readonly label: string; readonly pipe?: Pipe }[]
  depths: readonly [number | null, number | null]
}>()
const drawn = computed(() => drawChain(props.a, props.b, props.between, props.depths))
</script>

<template>
  <svg
    :viewBox="`-2 -2 ${drawn.width + 4} ${drawn.height + 4}`"
    class="max-h-52 w-full text-(--drawing-ink)"
    role="img"
    :aria-label="`${a.label} facing ${b.label}`"
    fill="none"
    stroke="currentColor"
    stroke-width="0.6"
  >
    <defs>
      <pattern id="wall" width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V3" stroke="currentColor" stroke-width="0.5" />
      </pattern>
    </defs>
    <rect
      v-for="(fitting, index) in drawn.fittings"
      :key="index"
      v-bind="{ x: fitting.x, y: fitting.y, width: fitting.width, height: fitting.height }"
      fill="var(--ui-bg-muted)"
    />
    <g v-for="(pipe, index) in [drawn.a, drawn.b]" :key="index">
      <rect v-bind="pipe.body" fill="url(#wall)" stroke="var(--drawing-pipe)" stroke-width="0.9" />
      <rect v-bind="pipe.bore" fill="var(--ui-bg)" />
      <line
        v-if="pipe.mark !== null"
        :x1="pipe.mark"
        :x2="pipe.mark"
        :y1="pipe.body.y - 3"
        :y2="pipe.body.y + pipe.body.height + 3"
        stroke="var(--drawing-pipe)"
        stroke-width="1.4"
      />
    </g>
    <line
      :x1="0"
      :x2="drawn.width"
      :y1="drawn.height / 2"
      :y2="drawn.height / 2"
      stroke-dasharray="6 2 1 2"
      stroke-width="0.3"
    />
  </svg>
</template>
