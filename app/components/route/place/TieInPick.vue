<script setup lang="ts">
import { setTieIn } from '~~/core/edit/existing/edit-tie-in'
import type { Node } from '~~/core/job/job'
import type { System } from '~~/core/job/system'
import { useCatalogueStore } from '~/stores/catalogue'

/** The existing pipe of a tie-in: one that was identified in Survey, or any that is known. */
const props = defineProps<{ system: System; node: Node }>()
const { job, change } = useOpenJob()
const own = useCatalogueStore()
const surveyed = computed(() =>
  job.value.surveys.flatMap(({ id, name, pipe }) =>
    pipe ? [{ value: id, label: `${name}: ${own.catalogue.pipe(pipe)?.label ?? pipe}` }] : [],
  ),
)
const set = (existing: string | undefined, survey?: string) =>
  change(setTieIn(job.value, props.system.id, props.node.id, { existing, survey }))
const pipeOf = (survey: string) => job.value.surveys.find(({ id }) => id === survey)?.pipe
</script>

<template>
  <div class="grid gap-3 sm:grid-cols-2">
    <Choice
      v-if="surveyed.length"
      label="Surveyed pipe"
      :items="surveyed"
      :model-value="node.survey"
      placeholder="none of them"
      @update:model-value="(survey) => set(pipeOf(survey), survey)"
    />
    <LazyPipePicker label="Existing pipe" :model-value="node.existing" @update:model-value="(pipe) => set(pipe)" />
  </div>
</template>
