<script setup lang="ts">
import { methodIds, methods } from '~~/core/catalogue/method'
import { removeRun, setRun } from '~~/core/job/edit-run'
import type { Run } from '~~/core/job/job'

/** What holds for a whole run: its name, its pipe, how it is joined. */
const props = defineProps<{ run: Run }>()
const { job, change } = useOpenJob()
const methodItems = methodIds.map((value) => ({ value, label: methods[value].name }))
const set = (part: Partial<Pick<Run, 'name' | 'pipe' | 'method'>>) => change(setRun(job.value, props.run.id, part))
</script>

<template>
  <div class="grid gap-3">
    <UFormField label="Name of the run">
      <UInput
        :model-value="run.name"
        class="w-full"
        @update:model-value="(name) => set({ name: String(name).slice(0, 120) })"
      />
    </UFormField>
    <LazyPipePicker label="Pipe" :model-value="run.pipe" @update:model-value="(pipe) => set({ pipe })" />
    <Choice
      label="Method"
      :items="methodItems"
      :model-value="run.method"
      @update:model-value="(method) => set({ method })"
    />
    <UButton
      label="Remove this run"
      icon="i-lucide-trash-2"
      color="error"
      variant="outline"
      @click="change(removeRun(job, run.id))"
    />
  </div>
</template>
