<script setup lang="ts">
import { drawFitting, type DrawnArm } from '~~/core/join/draw-fitting'
import type { Fitting } from '~~/core/join/fitting'

/** A fitting as a line drawing with its ends named: which is the run and which the branch. */
const props = defineProps<{ fitting: Fitting }>()
const arms = computed(() => drawFitting(props.fitting))
const turn = ({ x, y }: DrawnArm) => (Math.atan2(y, x) * 180) / Math.PI
</script>

<template>
  <svg viewBox="-62 -58 124 84" class="w-full max-w-md text-(--drawing-ink)" role="img" :aria-label="fitting.label">
    <g v-for="(arm, index) in arms" :key="index">
      <g :transform="`rotate(${turn(arm)})`" fill="none" stroke="currentColor" stroke-width="1">
        <path :d="`M0 ${-arm.half}H34M0 ${arm.half}H34M34 ${-arm.half}V${arm.half}`" />
        <path v-if="arm.end === 'socket'" :d="`M20 ${-arm.half - 2}H34V${arm.half + 2}H20Z`" />
        <path
          v-if="arm.end === 'thread'"
          :d="`M22 ${-arm.half}l4 ${2 * arm.half}M26 ${-arm.half}l4 ${2 * arm.half}M30 ${-arm.half}l4 ${2 * arm.half}`"
          stroke-width="0.6"
        />
      </g>
      <text
        :x="arm.x * 1.15"
        :y="arm.y < -5 ? arm.y - 4 : arm.y + arm.half + 8"
        font-size="5.5"
        text-anchor="middle"
        fill="currentColor"
        class="font-label font-semibold"
      >
        {{ arm.label }}
      </text>
    </g>
    <circle r="1.6" fill="var(--drawing-pipe)" />
  </svg>
</template>
