<script setup lang="ts">
import type { Phase } from '~~/core/assembly/phases'
import { formatWait } from '~~/core/quantity/words/format-duration'

/** One line of the plan of work: what is done, when, and how long it really took. */
defineProps<{
  number: number
  text: string
  phase: Phase
  /** Minutes from the beginning of the work. */
  start: number
  end: number
  ready: number
  whole: number
  took: number | undefined
  /** It leads to a joint’s card. */
  opens: boolean
  printed?: boolean
}>()
const emit = defineEmits<{ open: []; took: [minutes: number | undefined] }>()
const colours: Readonly<Record<Phase, string>> = {
  bench: 'bg-(--drawing-pipe)',
  'in place': 'bg-(--ui-success)',
  'water off': 'bg-(--ui-error)',
}
const minutes = (value: number) => formatWait(Math.round(value * 60))
const bar = (from: number, to: number, whole: number) => ({
  left: `${(from / whole) * 100}%`,
  width: `${((to - from) / whole) * 100}%`,
})
</script>

<template>
  <div
    class="grid items-center gap-x-2"
    :class="
      printed
        ? 'grid-cols-[2rem_minmax(0,20rem)_minmax(1rem,1fr)_6rem]'
        : 'grid-cols-[2rem_1fr_6.5rem] lg:grid-cols-[2rem_minmax(0,18rem)_1fr_7rem]'
    "
  >
    <span class="font-label text-lg font-semibold text-(--ui-primary)">{{ number }}</span>
    <PushButton
      v-if="opens && !printed"
      variant="ghost"
      class="justify-start px-0 text-left whitespace-normal"
      @click="emit('open')"
    >
      {{ text }}
    </PushButton>
    <span v-else class="flex items-center" :class="printed ? 'py-1' : 'min-h-11'">{{ text }}</span>
    <div
      class="relative h-3"
      :class="{ 'order-last col-span-3 lg:order-none lg:col-span-1': !printed }"
      :title="`from ${minutes(start)} to ${minutes(end)}`"
    >
      <span class="absolute h-3" :class="colours[phase]" :style="bar(start, end, whole)" />
      <span v-if="ready > end" class="absolute top-1 h-1 bg-(--drawing-faint)" :style="bar(end, ready, whole)" />
    </div>
    <span v-if="printed" class="text-right whitespace-nowrap">{{ minutes(end - start) }} <TickBox class="ml-2" /></span>
    <NumberField
      v-else
      :label="`Took, step ${number}`"
      bare
      unit="min"
      optional
      :least="0"
      :most="600"
      :model-value="took"
      @update:model-value="(value) => emit('took', value)"
    />
  </div>
</template>
