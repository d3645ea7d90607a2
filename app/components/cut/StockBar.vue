<script setup lang="ts">
import { drawBar } from '~~/core/draw/draw-bar'
import type { Bar } from '~~/core/cut/stock'

/** One stock length to scale, its numbered pieces, and what remains. */
const props = defineProps<{ bar: Bar; number: number; selected: string }>()
const emit = defineEmits<{ select: [piece: string] }>()
const { length } = useWords()
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
    <div class="flex h-11 w-full border-2 border-(--drawing-pipe)">
      <button
        v-for="part in drawn.parts"
        :key="part.id"
        type="button"
        class="h-full min-w-0 overflow-hidden border-r-2 border-(--drawing-pipe) font-label font-semibold"
        :class="part.id === selected ? 'bg-(--drawing-pipe) text-(--ui-bg)' : 'bg-(--ui-bg-muted)'"
        :style="{ width: percent(part.share) }"
        :aria-label="`Piece ${part.id}, ${length(part.length)}`"
        :aria-pressed="part.id === selected"
        @click="emit('select', part.id)"
      >
        {{ part.share > 0.06 ? part.id : '' }}
      </button>
    </div>
  </div>
</template>
