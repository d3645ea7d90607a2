<script setup lang="ts" generic="Question">
/** Questions that are asked most, and one's own last ones: one press asks again. */
defineProps<{ most: readonly { label: string; ask: Question }[]; last?: readonly { label: string; ask: Question }[] }>()
const emit = defineEmits<{ ask: [question: Question] }>()
</script>

<template>
  <div class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Asked before and asked most">
    <template v-if="last?.length">
      <span class="label">Asked last</span>
      <PushButton v-for="item in last" :key="`last ${item.label}`" :label="item.label" @click="emit('ask', item.ask)" />
    </template>
    <span class="label">Asked most</span>
    <PushButton v-for="item in most" :key="item.label" :label="item.label" @click="emit('ask', item.ask)" />
  </div>
</template>
