<script setup lang="ts">
/** A box to tick on paper. */
</script>

<template>
  <span class="inline-block size-4 shrink-0 border-2 border-current align-[-0.15em]" aria-hidden="true" />
</template>
