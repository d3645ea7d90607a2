<script setup lang="ts">
import type { SectionShape } from '~~/core/methods/section-shape'

/** What the hand does at a joint, moving over its section: flame and solder, the expander, the turn of the nut. */
defineProps<{ hand: NonNullable<SectionShape['hand']>; depth: number; out: number }>()
</script>

<template>
  <g class="pointer-events-none" stroke-width="0.4">
    <template v-if="hand === 'heat and feed'">
      <!-- The flame goes to and fro along the cup; then the solder comes to the mouth. -->
      <g class="flame" :style="{ '--far': `${depth}px` }">
        <path
          :d="`M0 ${-out - 1}c-3 -3 -2.500 -6 0 -9c2.500 3 3 6 0 9z`"
          fill="var(--ui-warning)"
          stroke="var(--ui-error)"
        />
      </g>
      <path :d="`M0 ${out * 0.95}l-14 9`" class="wire" stroke="var(--drawing-pipe)" stroke-width="1.200" />
    </template>
    <template v-else-if="hand === 'expand'">
      <g class="jaws" :style="{ '--far': `${depth * 0.9}px` }">
        <path
          :d="`M${depth * 1.4} ${-out * 0.5}H${depth * 0.6}L${depth * 0.2} ${-out * 0.3}V${out * 0.3}L${depth * 0.6} ${out * 0.5}H${depth * 1.4}z`"
          fill="var(--ui-bg)"
          fill-opacity="0.85"
          stroke="var(--ui-primary)"
          stroke-width="0.8"
        />
      </g>
    </template>
    <g v-else class="spanner">
      <path
        :d="`M0 ${-out * 0.9}a3.500 ${out * 0.9} 0 0 1 0 ${out * 1.8}`"
        stroke="var(--ui-primary)"
        stroke-width="1.200"
        stroke-dasharray="6 3"
      />
      <path
        :d="`M-1.800 ${out * 0.9 - 2.5}L0 ${out * 0.9}l2.800 -1.500`"
        stroke="var(--ui-primary)"
        stroke-width="1.200"
      />
    </g>
  </g>
</template>

<style scoped>
.flame {
  animation: along 2.4s ease-in-out infinite alternate;
}
.wire {
  animation: comes 4.8s ease-in-out infinite;
}
.jaws {
  animation: goes-in 2.4s ease-in-out infinite alternate;
}
.spanner path:first-child {
  animation: turns 1.2s linear infinite;
}
@keyframes along {
  to {
    transform: translateX(var(--far));
  }
}
@keyframes comes {
  0%,
  45% {
    transform: translate(-16px, 10px);
  }
  60%,
  90% {
    transform: none;
  }
}
@keyframes goes-in {
  from {
    transform: translateX(var(--far));
  }
}
@keyframes turns {
  to {
    stroke-dashoffset: -9;
  }
}
@media (prefers-reduced-motion: reduce) {
  * {
    animation: none !important;
  }
}
</style>
