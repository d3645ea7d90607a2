<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { removeSurvey, setSurvey } from '~~/core/edit/existing/edit-survey'
import { takeForPipe } from '~~/core/edit/existing/take-for-pipe'
import { addSurvey } from '~~/core/edit/new-job'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'

const { job, change } = useOpenJob()
const selection = useSelectionStore()
const own = useCatalogueStore()
const { trade } = useWords()
const survey = computed(() => job.value.surveys.find(({ id }) => id === selection.survey) ?? job.value.surveys[0])
const taken = computed(() => {
  const label = survey.value?.pipe && shippedCatalogue.pipe(survey.value.pipe)?.label
  return label ? `Selected: ${label}; it is a tie-in of this job.` : ''
})

function add(): void {
  const added = addSurvey(job.value, randomIds)
  selection.survey = added.survey
  change(added.job)
}
</script>

<template>
  <div>
    <TabRow label="Existing pipes">
      <PushButton
        v-for="item in job.surveys"
        :key="item.id"
        :aria-pressed="item.id === survey?.id"
        :active="item.id === survey?.id"
        @click="selection.survey = item.id"
      >
        <UIcon :name="item.pipe ? 'i-lucide-check' : 'i-lucide-circle-help'" class="size-4" />{{ item.name }}
      </PushButton>
      <PushButton @click="add"><UIcon name="i-lucide-plus" class="size-4" />Add pipe</PushButton>
    </TabRow>
    <p v-if="!survey">
      No pipe yet. Press <strong>Add pipe</strong
      >{{ trade(', then say what you see or measure: colour, a magnet, a caliper. Each narrows the list.') }}
    </p>
    <PipeQuestion
      v-else
      :key="survey.id"
      :survey="survey"
      :taken="taken"
      @change="(part) => change(setSurvey(job, survey!.id, part))"
      @choose="(pipe, known) => change(takeForPipe(own.catalogue, job, randomIds, { id: survey!.id, pipe, known }))"
    >
      <template #name>
        <TextField
          label="Where it is"
          :model-value="survey.name"
          maxlength="120"
          @update:model-value="(name) => change(setSurvey(job, survey!.id, { name }))"
        />
      </template>
      <template #remove>
        <PushButton variant="ghost" :aria-label="`Remove ${survey.name}`" @click="change(removeSurvey(job, survey.id))">
          <UIcon name="i-lucide-trash-2" class="size-5" />
        </PushButton>
      </template>
    </PipeQuestion>
  </div>
</template>
