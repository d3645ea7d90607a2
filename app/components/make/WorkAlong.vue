<script setup lang="ts">
import { useEventListener, useSessionStorage } from '@vueuse/core'
import type { JointCard } from '~~/core/procedure/joint-card'
import { useLogStore } from '~/stores/log'

/** A card worked along step by step, from arm's length: one step in large type, on with the space bar or one big button. */
const props = defineProps<{ card: JointCard; where: string; facing?: string; timer: string }>()
const emit = defineEmits<{ leave: []; made: [] }>()
const kept = useSessionStorage<Record<string, number>>('jolvet-work-along', {})
const at = computed({
  get: () => Math.min(kept.value[props.timer] ?? 0, props.card.steps.length),
  set: (step) => (kept.value = { ...kept.value, [props.timer]: step }),
})
const log = useLogStore()
/** Who made it is said before it is made: else nothing would be written, and the card would begin again. */
const wasNamed = log.who.trim() !== ''
const isNamed = computed(() => log.who.trim() !== '')
const step = computed(() => props.card.steps[at.value])
const next = () => (at.value = Math.min(at.value + 1, props.card.steps.length))
const back = () => (at.value = Math.max(at.value - 1, 0))
/** A joint that is done begins at its first step the next time. */
function finish(): void {
  if (!isNamed.value) return
  at.value = 0
  emit('made')
}

useAwake(() => true)
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.target instanceof HTMLElement && event.target.closest('input, select, textarea')) return
  // A button that has the focus is pressed by the space bar itself.
  if (event.key === ' ' && event.target instanceof HTMLElement && event.target.closest('button, a')) return
  const act = { ' ': next, ArrowRight: next, ArrowLeft: back, Escape: () => emit('leave') }[event.key]
  if (!act) return
  event.preventDefault()
  act()
})
</script>

<template>
  <section class="flex min-h-[70dvh] flex-col" aria-label="Work along">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="heading flex-1">
        {{ card.title }} <span class="font-normal text-muted">{{ where }}</span>
        <span v-if="facing" class="block text-xl">{{ facing }}</span>
      </h2>
      <PushButton @click="emit('leave')">Back to the card</PushButton>
    </div>
    <div v-if="step" class="grid flex-1 content-center gap-6 py-6 lg:grid-cols-[1fr_22rem]" aria-live="polite">
      <p class="text-3xl leading-snug sm:text-5xl">
        <span class="font-label font-semibold text-(--ui-primary)">{{ at + 1 }}</span> {{ step.text }}
      </p>
      <StepFigureView :step="step" :timer="`${timer}/${at}`" :where="where" large />
    </div>
    <div v-else class="flex-1 py-6" aria-live="polite">
      <p class="mb-3 font-label text-4xl font-semibold">Inspect it</p>
      <ul class="space-y-2 text-2xl sm:text-3xl">
        <li v-for="look in card.inspection" :key="look">{{ look }}</li>
      </ul>
      <WhoField v-if="!wasNamed" class="mt-4 w-60" />
    </div>
    <div class="grid grid-cols-[1fr_3fr] gap-3">
      <PushButton class="min-h-24! text-xl!" :disabled="at === 0" @click="back">Back</PushButton>
      <PushButton v-if="step" color="primary" variant="solid" class="min-h-24! text-3xl!" @click="next">
        Next <span class="hidden text-lg sm:inline">(space)</span>
      </PushButton>
      <PushButton
        v-else
        color="primary"
        variant="solid"
        class="min-h-24! text-3xl!"
        :disabled="!isNamed"
        @click="finish"
        >Made</PushButton
      >
    </div>
  </section>
</template>
