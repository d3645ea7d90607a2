<script setup lang="ts">
import type { Observation } from '~~/core/job/observation'

/** What was seen and measured so far; each can be taken back. */
defineProps<{ observations: readonly Observation[] }>()
const emit = defineEmits<{ forget: [index: number] }>()
const text = useSeen()
</script>

<template>
  <ul class="flex flex-wrap gap-1.5" aria-label="Seen so far">
    <li v-for="(seen, index) in observations" :key="index">
      <PushButton
        :label="text(seen)"
        trailing-icon="i-lucide-x"
        color="neutral"
        variant="soft"
        class="px-2.5"
        :aria-label="`Remove ${text(seen)}`"
        @click="emit('forget', index)"
      />
    </li>
  </ul>
</template>
