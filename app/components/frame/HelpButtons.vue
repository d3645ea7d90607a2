<script setup lang="ts">
/** Help and the search, on every page. */
defineProps<{ inWords?: boolean }>()
const { isHelping, isFinding } = useHelp()
</script>

<template>
  <PushButton variant="ghost" aria-label="Find a page, a job, a joint" @click="isFinding = true">
    <UIcon name="i-lucide-search" class="size-5" /><span v-if="inWords">Find</span>
  </PushButton>
  <PushButton variant="ghost" aria-label="Help" @click="isHelping = true">
    <UIcon name="i-lucide-circle-help" class="size-5" /><span v-if="inWords">Help</span>
  </PushButton>
</template>
