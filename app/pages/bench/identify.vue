<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Survey } from '~~/core/job/job'
import { emptyJob } from '~~/core/edit/new-job'
import { beginJob } from '~/sync/job/begin-job'
import { httpTransport } from '~/sync/job/job-transport'

/** A survey that belongs to no job yet; kept in this browser. */
const blank: Survey = { id: 's1', name: 'On the bench', observations: [] }
const survey = useLocalStorage<Survey>('jolvet-bench-survey', blank)
const taken = computed(() => {
  const label = survey.value.pipe && shippedCatalogue.pipe(survey.value.pipe)?.label
  return label ? `Selected: ${label}.` : ''
})
const problem = ref('')

async function makeJob(): Promise<void> {
  const { pipe } = survey.value
  if (!pipe) return
  const isInch = shippedCatalogue.pipe(pipe)?.family === 'cts'
  const base = {
    ...emptyJob('From the bench', isInch ? 'imperial' : 'metric', isInch ? 'us-a' : 'metric'),
    surveys: [survey.value],
  }
  const { takeForPipe } = await import('~~/core/edit/existing/take-for-pipe')
  const begun = await beginJob(
    httpTransport,
    takeForPipe(shippedCatalogue, base, randomIds, { id: survey.value.id, pipe }),
  )
  if (begun.outcome === 'begun') await navigateTo(`/jobs/${begun.id}/join`)
  else problem.value = 'The server does not answer; what you entered stays here. Try again in a moment.'
}
</script>

<template>
  <div>
    <PipeQuestion
      :survey="survey"
      :taken="taken"
      @change="(part) => (survey = { ...survey, ...part })"
      @choose="(pipe) => (survey = { ...survey, pipe })"
    >
      <template #name>
        <div class="flex flex-wrap items-end gap-2">
          <PushButton @click="survey = blank">Add pipe</PushButton>
          <PushButton v-if="survey.pipe" color="primary" variant="solid" @click="makeJob"
            >Start a job with it</PushButton
          >
        </div>
      </template>
    </PipeQuestion>
    <p v-if="problem" role="alert" class="mt-3 text-(--ui-error)">{{ problem }}</p>
  </div>
</template>
