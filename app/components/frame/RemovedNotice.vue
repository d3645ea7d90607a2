<script setup lang="ts">
import { useWorkshopStore } from '~/stores/workshop'

/** What was removed from the workshop last: it comes back by one press. */
const store = useWorkshopStore()
</script>

<template>
  <div v-if="store.removed" role="status" class="flex flex-wrap items-center gap-3 py-2" data-removed>
    <span>{{ store.removed.name }} was removed.</span>
    <UButton label="Restore" @click="store.removed.putBack()" />
    <UButton variant="ghost" icon="i-lucide-x" aria-label="Close" @click="store.removed = null" />
  </div>
</template>
