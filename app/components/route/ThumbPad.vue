<script setup lang="ts">
import type { RouteEntry } from '~~/core/edit/legs/entry'

/** The pad of a phone: directions on the left, digits in the order of a phone on the right, Leg below. */
defineProps<{
  entry: RouteEntry
  directions: readonly { readonly key: string; readonly axis: string; readonly word: string; readonly icon: string }[]
}>()
const emit = defineEmits<{ press: [key: string] }>()
const { units } = useWords()
/** What stands round the nought: a half millimetre is two keys in one. */
const lastKeys = computed(() =>
  units.value === 'metric'
    ? ([
        { word: 'point', text: '.', keys: ['.'] },
        { word: '0', text: '0', keys: ['0'] },
        { word: 'a half', text: '½', keys: ['.', '5'] },
      ] as const)
    : ([
        { word: 'feet', text: '′', keys: ["'"] },
        { word: '0', text: '0', keys: ['0'] },
        { word: 'over', text: '/', keys: ['/'] },
      ] as const),
)
const digits = [...'123456789'].map((digit) => ({ word: digit, text: digit, keys: [digit] }))
const pressAll = (keys: readonly string[]) => keys.forEach((key) => emit('press', key))
</script>

<template>
  <div class="thumb-pad grid grid-cols-2 gap-2">
    <div class="grid grid-cols-3 gap-1">
      <button
        v-for="{ key, axis, word, icon } in directions"
        :key="key"
        type="button"
        class="key flex-col gap-0!"
        :aria-pressed="entry.direction === axis"
        @click="emit('press', key)"
      >
        <UIcon :name="icon" class="size-4" />{{ word }}
      </button>
      <button type="button" class="key" aria-label="And" @click="emit('press', '&')">45°</button>
      <button type="button" class="key" aria-label="space" @click="emit('press', ' ')">␣</button>
      <button type="button" class="key" aria-label="Take back" @click="emit('press', 'Backspace')">
        <UIcon name="i-lucide-delete" class="size-5" />
      </button>
      <button
        type="button"
        class="key strong col-span-3 text-lg"
        aria-label="Enter the leg"
        @click="emit('press', 'Enter')"
      >
        Leg
      </button>
    </div>
    <div class="grid grid-cols-3 gap-1">
      <button
        v-for="{ word, text, keys } in [...digits, ...lastKeys]"
        :key="word"
        type="button"
        class="key text-xl!"
        :aria-label="word"
        @click="pressAll(keys)"
      >
        {{ text }}
      </button>
    </div>
  </div>
</template>

<style>
.thumb-pad .key {
  min-height: 3.25rem;
  min-width: 0;
  padding: 0;
}
@media (height < 45rem) {
  .thumb-pad .key {
    min-height: 2.75rem;
  }
}
</style>
