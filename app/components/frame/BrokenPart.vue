<script setup lang="ts">
import { downloadJob } from '~/saving/job-file'
import { useJobStore } from '~/stores/job'

/** What is said where a part of the page failed: what is safe, what to do, and the job as a file. */
defineProps<{ error: string }>()
const emit = defineEmits<{ again: [] }>()
const store = useJobStore()
const canUndo = computed(() => store.job !== null && store.past.length > 0)

function undo(): void {
  store.undo()
  emit('again')
}
</script>

<template>
  <section role="alert" class="m-3 max-w-2xl space-y-3 border-l-4 border-(--ui-error) pl-3" data-broken>
    <h2 class="heading">This part of the page failed</h2>
    <p>
      Nothing you typed is lost: it is saved, or kept in this browser. Try again; if it fails again, undo the last
      change or download the job file.
    </p>
    <p class="text-sm text-muted">What failed: {{ error }}</p>
    <div class="flex flex-wrap gap-3">
      <PushButton label="Try again" color="primary" variant="solid" @click="emit('again')" />
      <PushButton v-if="canUndo" label="Undo the last change" @click="undo" />
      <PushButton
        v-if="store.job"
        label="Download the job file"
        icon="i-lucide-download"
        @click="store.job && downloadJob(store.job)"
      />
      <PushButton label="All jobs" to="/" external />
    </div>
  </section>
</template>
