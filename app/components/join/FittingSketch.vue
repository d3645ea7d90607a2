<script setup lang="ts">
import { drawFitting, type DrawnArm } from '~~/core/draw/draw-fitting'
import type { Fitting } from '~~/core/catalogue/fitting'

/** A fitting as a line drawing with its ends named: which is the run and which the branch. */
const props = defineProps<{
  fitting: Fitting
  /** Beside its words in a list: its ends are not named. */
  small?: boolean
}>()
const arms = computed(() => drawFitting(props.fitting))
const turn = ({ x, y }: DrawnArm) => (Math.atan2(y, x) * 180) / Math.PI
const threadLines = (half: number) => [22, 26, 30].map((x) => `M${x} ${-half}l4 ${2 * half}`).join('')
const outline = { fill: 'var(--ui-bg)', stroke: 'currentColor', 'stroke-width': 1 }
</script>

<template>
  <svg
    :viewBox="small ? '-37 -37 74 52' : '-62 -58 124 84'"
    :class="small ? 'h-8 w-11 shrink-0' : 'w-full max-w-md'"
    class="text-(--drawing-ink)"
    :role="small ? undefined : 'img'"
    :aria-label="small ? undefined : fitting.label"
    :aria-hidden="small"
  >
    <!-- Outlines first, then each arm again without its outline: what lies inside another arm is not drawn. -->
    <g v-for="(arm, index) in arms" :key="`outline-${index}`" :transform="`rotate(${turn(arm)})`">
      <rect :x="-arm.half" :y="-arm.half" :width="34 + arm.half" :height="2 * arm.half" v-bind="outline" />
      <rect
        v-if="arm.end === 'socket'"
        x="20"
        :y="-arm.half - 2"
        width="14"
        :height="2 * arm.half + 4"
        v-bind="outline"
      />
    </g>
    <g v-for="(arm, index) in arms" :key="`inside-${index}`" :transform="`rotate(${turn(arm)})`">
      <rect
        :x="-arm.half"
        :y="-arm.half + 0.5"
        :width="33.5 + arm.half"
        :height="2 * arm.half - 1"
        fill="var(--ui-bg)"
      />
      <path v-if="arm.end === 'thread'" :d="threadLines(arm.half)" stroke="currentColor" stroke-width="0.6" />
      <path
        v-if="arm.end === 'socket'"
        :d="`M20 ${-arm.half - 2}V${arm.half + 2}`"
        stroke="currentColor"
        stroke-width="0.5"
      />
    </g>
    <text
      v-for="(arm, index) in small ? [] : arms"
      :key="`name-${index}`"
      :x="arm.x * 1.15"
      :y="arm.y < -5 ? arm.y - 5 : arm.y + arm.half + 9"
      font-size="5.5"
      text-anchor="middle"
      fill="currentColor"
      class="font-label font-semibold"
    >
      {{ arm.label }}
    </text>
    <circle v-if="!small" r="1.6" fill="var(--drawing-pipe)" />
  </svg>
</template>
