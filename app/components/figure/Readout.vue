<script setup lang="ts">
/** One large figure that the hands need next, with its tolerance and basis; on a phone a second one is smaller. */
const props = defineProps<{ label: string; value: string; tolerance?: string; basis?: string; second?: boolean }>()
/** Characters that have room in full size beside another figure on a phone. */
const roomFor = 8
const isLong = computed(() => props.value.length > roomFor)
</script>

<template>
  <div
    class="min-w-0"
    :class="second ? 'max-sm:grid max-sm:grid-cols-[auto_auto] max-sm:items-baseline max-sm:gap-x-2' : ''"
    data-readout
  >
    <div class="label" :class="second ? 'max-sm:leading-tight' : ''">{{ label }}</div>
    <div
      class="readout whitespace-nowrap"
      :class="[second ? 'second' : isLong ? 'long' : '', value === 'unknown' ? 'text-(--ui-warning)!' : '']"
    >
      {{ value }}
    </div>
    <div v-if="tolerance || basis" class="text-sm text-muted" :class="second ? 'col-span-2 max-sm:leading-none' : ''">
      <span v-if="tolerance">± {{ tolerance }}</span>
      <span v-if="tolerance && basis"> · </span>
      <span v-if="basis">{{ basis }}</span>
    </div>
  </div>
</template>
