<script setup lang="ts">
/** Keys for a length under the thumb: digits in the order of a phone, feet, inches, fractions. */
const { field, put, takeBack, enter } = useLengthPad()
const rows = ['123', '456', '789', '.0/'].map((row) => [...row])
const signs = [
  { key: "'", word: 'feet' },
  { key: '"', word: 'inches' },
  { key: ' ', word: 'space' },
] as const
/** What is typed into is seen above the keys. */
watch(field, async (input) => {
  await nextTick()
  input?.scrollIntoView({ block: 'center' })
})
</script>

<template>
  <!-- A press on the keys does not take the focus from the field. -->
  <section
    v-if="field"
    aria-label="Length keys"
    class="no-print grid grid-cols-4 gap-1 border-t border-(--ui-border) bg-(--ui-bg) p-1"
    data-length-pad
    @pointerdown.prevent
    @mousedown.prevent
  >
    <template v-for="(row, at) in rows" :key="at">
      <button v-for="key in row" :key="key" type="button" class="key min-h-14 text-xl" @click="put(key)">
        {{ key }}
      </button>
      <button
        v-if="signs[at]"
        type="button"
        class="key min-h-14 text-xl"
        :aria-label="signs[at].word"
        @click="put(signs[at].key)"
      >
        {{ signs[at].key === ' ' ? '␣' : signs[at].key }}
      </button>
      <button v-else type="button" class="key min-h-14" aria-label="Take back" @click="takeBack">
        <UIcon name="i-lucide-delete" class="size-5" />
      </button>
    </template>
    <button type="button" class="key strong col-span-4 min-h-14 text-lg" @click="enter">Done</button>
  </section>
</template>
