<script setup lang="ts">
import { turnsLeft, turnWords, type Turns } from '~~/core/procedure/turning'

/** How far a nut or a thread is turned past hand-tight, on the face of a clock: what is done, and what is left. */
const props = defineProps<{ turns: Turns }>()
const eighths = ref(0)
const left = computed(() => turnsLeft(props.turns, eighths.value))
const words = computed(() => {
  const { least, most, isPast } = left.value
  if (isPast) return 'Too far: it is past the most.'
  if (least > 0) return `${turnWords(least)} turn left${most > least ? ` at least, ${turnWords(most)} at most` : ''}`
  return most > 0 ? `Tight enough; up to ${turnWords(most)} more to bring it round` : 'Tight: no further'
})
const hand = computed(() => `rotate(${eighths.value * 45})`)
/** The arc that is to be turned yet, within one round. */
const arc = computed(() => {
  const from = (eighths.value % 8) * 45
  const sweep = Math.min(359, Math.max(left.value.least, 0) * 360)
  const at = (degrees: number) => {
    const angle = ((degrees - 90) * Math.PI) / 180
    return `${(Math.cos(angle) * 17).toFixed(2)} ${(Math.sin(angle) * 17).toFixed(2)}`
  }
  return sweep === 0 ? '' : `M${at(from)}A17 17 0 ${sweep > 180 ? 1 : 0} 1 ${at(from + sweep)}`
})
</script>

<template>
  <div class="no-print mt-1 flex items-center gap-3" role="group" aria-label="Turned so far">
    <svg viewBox="-21 -21 42 42" class="size-20 shrink-0 text-(--drawing-ink)" aria-hidden="true" fill="none">
      <circle r="20" stroke="currentColor" stroke-width="0.8" />
      <path
        v-for="tick in 8"
        :key="tick"
        d="M0-20V-17.500"
        stroke="currentColor"
        stroke-width="0.8"
        :transform="`rotate(${tick * 45})`"
      />
      <path :d="arc" stroke="var(--ui-primary)" stroke-width="3.500" />
      <g :transform="hand" class="turn-hand">
        <path d="M0 4V-14M0-14l-2.500 4M0-14l2.500 4" stroke="currentColor" stroke-width="1.600" />
      </g>
    </svg>
    <div>
      <p class="font-semibold" role="status" :class="left.isPast ? 'text-(--ui-error)' : ''">{{ words }}</p>
      <div class="flex gap-1">
        <PushButton
          class="whitespace-nowrap"
          aria-label="An eighth back"
          :disabled="eighths === 0"
          @click="eighths -= 1"
          >− ⅛</PushButton
        >
        <PushButton class="whitespace-nowrap" aria-label="An eighth on" @click="eighths += 1">+ ⅛</PushButton>
      </div>
    </div>
  </div>
</template>

<style scoped>
.turn-hand {
  transition: transform 0.3s;
}
@media (prefers-reduced-motion: reduce) {
  .turn-hand {
    transition: none;
  }
}
</style>
