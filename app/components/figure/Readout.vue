<script setup lang="ts">
/** One large figure that the hands need next, with its tolerance and basis. */
defineProps<{ label: string; value: string; tolerance?: string; basis?: string }>()
</script>

<template>
  <div class="min-w-0" data-readout>
    <div class="label">{{ label }}</div>
    <div class="readout whitespace-nowrap" :class="value === 'unknown' ? 'text-(--ui-warning)!' : ''">{{ value }}</div>
    <div v-if="tolerance || basis" class="text-sm text-muted">
      <span v-if="tolerance">± {{ tolerance }}</span>
      <span v-if="tolerance && basis"> · </span>
      <span v-if="basis">{{ basis }}</span>
    </div>
  </div>
</template>
