<script setup lang="ts">
const paper = usePaper()
</script>

<template>
  <div class="min-h-dvh bg-(--ui-bg) text-(--ui-text)" :class="paper === 'letter' ? 'on-letter' : ''">
    <slot />
  </div>
</template>
