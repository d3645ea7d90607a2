<script setup lang="ts">
import type { PlanPiece } from '~~/core/pipework/planned'

/** One piece as a tube with its insertion marks; the ends are enlarged so that the marks can be told apart. */
const props = defineProps<{ piece: PlanPiece }>()
const { length } = useWords()
const [width, top, tall, end] = [400, 34, 26, 46]
const marks = computed(() =>
  props.piece.ends.map((at, index) => ({
    x: index === 0 ? end : width - end,
    anchor: index === 0 ? 'start' : 'end',
    textX: index === 0 ? 0 : width,
    text: at.method === null ? 'open' : `mark ${length(at.insertion)}`,
    shown: at.method !== null && at.insertion !== null,
  })),
)
</script>

<template>
  <svg
    :viewBox="`-2 0 ${width + 4} 84`"
    class="w-full text-(--drawing-ink)"
    role="img"
    :aria-label="`Piece ${piece.id} with its marks`"
    fill="none"
    stroke="currentColor"
  >
    <rect
      x="0"
      :y="top"
      :width="width"
      :height="tall"
      fill="var(--ui-bg-muted)"
      stroke="var(--drawing-pipe)"
      stroke-width="2"
    />
    <line x1="0" :x2="width" :y1="top + tall / 2" :y2="top + tall / 2" stroke-dasharray="14 4 2 4" stroke-width="0.6" />
    <g v-for="mark in marks" :key="mark.x">
      <line
        v-if="mark.shown"
        :x1="mark.x"
        :x2="mark.x"
        :y1="top - 6"
        :y2="top + tall + 6"
        stroke="var(--drawing-pipe)"
        stroke-width="3"
      />
      <text
        :x="mark.textX"
        y="22"
        :text-anchor="mark.anchor"
        font-size="16"
        fill="currentColor"
        stroke="none"
        class="font-label"
      >
        {{ mark.text }}
      </text>
    </g>
    <path
      :d="`M0 ${top + tall + 8}v14M${width} ${top + tall + 8}v14M0 ${top + tall + 15}H${width}`"
      stroke-width="0.800"
    />
    <text
      :x="width / 2"
      :y="top + tall + 20"
      text-anchor="middle"
      font-size="17"
      fill="currentColor"
      stroke="var(--ui-bg)"
      stroke-width="6"
      paint-order="stroke"
      class="font-label font-semibold"
    >
      {{ length(piece.cut) }}
    </text>
  </svg>
</template>
