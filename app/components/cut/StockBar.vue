<script setup lang="ts">
import { drawBar } from '~~/core/draw/draw-bar'
import type { Bar } from '~~/core/cut/stock'

/** One stock length to scale, its numbered pieces, and what remains; below it the pieces in the order of cutting. */
const props = defineProps<{
  bar: Bar
  number: number
  selected: string
  /** On paper: nothing to press. */
  printed?: boolean
}>()
const emit = defineEmits<{ select: [piece: string] }>()
const { length, figure } = useWords()
const drawn = computed(() => drawBar(props.bar))
const percent = (share: number) => `${share * 100}%`
</script>

<template>
  <div class="keep-whole">
    <div class="flex justify-between text-sm">
      <span
        >{{ bar.offcut === undefined ? `Length ${number} of` : `Offcut from the rack,` }} {{ length(bar.length) }}</span
      >
      <span
        >left over <strong>{{ length(bar.rest) }}</strong></span
      >
    </div>
    <div class="flex h-8 w-full border-2 border-(--drawing-pipe)" aria-hidden="true">
      <span
        v-for="part in drawn.parts"
        :key="part.id"
        class="flex h-full min-w-0 items-center justify-center overflow-hidden border-r-2 border-(--drawing-pipe) font-label font-semibold"
        :class="part.id === selected ? 'bg-(--drawing-pipe) text-(--ui-bg)' : 'bg-(--ui-bg-muted)'"
        :style="{ width: percent(part.share) }"
        @click="emit('select', part.id)"
      >
        {{ part.share > 0.06 ? part.id : '' }}
      </span>
    </div>
    <p v-if="printed" class="text-sm">
      <span v-for="part in drawn.parts" :key="part.id" class="mr-3 inline-block">
        <strong>{{ part.id }}</strong> {{ figure(part.length) }}
      </span>
    </p>
    <div v-else class="mt-1 flex flex-wrap gap-1">
      <PushButton
        v-for="part in drawn.parts"
        :key="part.id"
        :active="part.id === selected"
        :aria-label="`Piece ${part.id}, ${length(part.length)}`"
        :aria-pressed="part.id === selected"
        @click="emit('select', part.id)"
      >
        <strong>{{ part.id }}</strong> {{ figure(part.length) }}
      </PushButton>
    </div>
  </div>
</template>
