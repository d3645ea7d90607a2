<script setup lang="ts">
/** Beside a button that cannot be pressed: what is wanted first. Nothing is shown where nothing is. */
defineProps<{ wants: string }>()
</script>

<template>
  <span v-if="wants" class="self-center text-sm text-muted">{{ wants }}</span>
</template>
