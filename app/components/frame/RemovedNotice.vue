<script setup lang="ts">
/** What was removed from the workshop last: it comes back by one press. */
const removed = useRemoved()
</script>

<template>
  <div v-if="removed" role="status" class="flex flex-wrap items-center gap-3 py-2" data-removed>
    <span>{{ removed.name }} was removed.</span>
    <PushButton label="Restore" @click="removed.putBack()" />
    <PushButton variant="ghost" icon="i-lucide-x" aria-label="Close" @click="removed = null" />
  </div>
</template>
