<script setup lang="ts">
/** Asks before a job is deleted, and says what can be taken out of it first. */
defineProps<{ first: string }>()
const emit = defineEmits<{ delete: []; keep: [] }>()
</script>

<template>
  <div role="alertdialog" aria-label="Delete the job?" class="flex flex-wrap items-center gap-3 pt-2">
    <span>Delete this job? You can restore it for 30 days. {{ first }} can be downloaded first.</span>
    <PushButton label="Delete" color="error" @click="emit('delete')" />
    <PushButton label="Keep" @click="emit('keep')" />
  </div>
</template>
