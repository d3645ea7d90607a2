<script setup lang="ts">
/** What is to be minded on this job, in anybody's words; what an everyday call notes stands here too. */
const { job, change } = useOpenJob()
const { trade } = useWords()
const longest = 5000
const write = (note: string) => change({ ...job.value, note: note === '' ? undefined : note.slice(0, longest) })
</script>

<template>
  <textarea
    class="field field-sizing-content"
    rows="2"
    :maxlength="longest"
    :placeholder="trade('What to mind, whom to ring, where the stop valve is')"
    :value="job.note ?? ''"
    aria-label="Notes on this job"
    @input="(event) => write((event.target as HTMLTextAreaElement).value)"
  />
</template>
