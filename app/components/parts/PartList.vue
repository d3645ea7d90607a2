<script setup lang="ts">
import { partLabel } from '~~/core/catalogue/part'
import { partKey } from '~~/core/catalogue/part-key'
import type { RecordedPart } from '~/sync/server'

/** The figures that hold, with whose they are and since when. */
defineProps<{ parts: readonly RecordedPart[] }>()
const emit = defineEmits<{ withdraw: [part: RecordedPart] }>()
const { length, tolerance } = useWords()
const day = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
</script>

<template>
  <section aria-label="Own figures">
    <h2 class="heading mb-1">Your own figures</h2>
    <p v-if="parts.length === 0">
      None yet: every figure is the catalogue’s. Measure a part you use often, and every plan uses your figure instead.
    </p>
    <ul v-else class="ruled border-y border-(--ui-border)">
      <li v-for="part in parts" :key="partKey(part)" class="flex flex-wrap items-center gap-x-4 py-1.5">
        <div class="min-w-0 flex-1 basis-56">
          {{ partLabel(part) }}
          <span class="block text-sm text-muted"
            >{{ part.basis === 'maker' ? 'maker’s sheet' : 'measured' }} by {{ part.by }}, {{ day(part.at)
            }}{{ part.note ? ` · ${part.note}` : '' }}</span
          >
        </div>
        <div class="text-right">
          <span class="font-label text-2xl font-semibold">{{ length(part.mm) }}</span>
          <span class="block text-sm text-muted">± {{ tolerance(part.tolerance) }}</span>
        </div>
        <PushButton :aria-label="`Remove ${partLabel(part)}`" @click="emit('withdraw', part)"> Take back </PushButton>
      </li>
    </ul>
  </section>
</template>
