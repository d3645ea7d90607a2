<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { identify } from '~~/core/identify/identify'
import { forget, observe, removeSurvey, setSurvey, takeForPipe } from '~~/core/job/edit-survey'
import { addSurvey } from '~~/core/job/new-job'
import type { Region } from '~~/core/job/observation'
import { useSelectionStore } from '~/stores/selection'

const { job, change } = useOpenJob()
const selection = useSelectionStore()
const survey = computed(() => job.value.surveys.find(({ id }) => id === selection.survey) ?? job.value.surveys[0])
const answer = computed(() =>
  survey.value && survey.value.observations.length > 0 ? identify(shippedCatalogue, survey.value) : null,
)
const next = computed(() => answer.value?.next[0])
const regions: { value: Region; label: string }[] = [
  { value: 'britain', label: 'Britain' },
  { value: 'europe', label: 'Europe' },
  { value: 'north-america', label: 'North America' },
]
const chosenLabel = computed(() => (survey.value?.pipe ? shippedCatalogue.pipe(survey.value.pipe)?.label : undefined))
const verdict = computed(() => {
  const [first] = answer.value?.groups ?? []
  if (!first) return { text: 'Look at it', detail: 'Any one thing you see narrows the list.' }
  if (answer.value?.settled)
    return { text: first.candidates[0]!.label, detail: 'Settled: all that is likely takes the same fittings.' }
  return {
    text: 'Undecided',
    detail: `Likeliest is ${first.candidates[0]!.label}, but others take different fittings.`,
  }
})

function add(): void {
  const added = addSurvey(job.value)
  selection.survey = added.survey
  change(added.job)
}
function setBuilt(text: string | number): void {
  const year = Number(text)
  if (!survey.value) return
  if (String(text).trim() === '') change(setSurvey(job.value, survey.value.id, { built: undefined }))
  else if (Number.isInteger(year) && year >= 1700 && year <= 2200)
    change(setSurvey(job.value, survey.value.id, { built: year }))
}
const setRegion = (region: Region) => survey.value && change(setSurvey(job.value, survey.value.id, { region }))
const rename = (text: string | number) =>
  survey.value && change(setSurvey(job.value, survey.value.id, { name: String(text).slice(0, 120) }))
</script>

<template>
  <div>
    <TabRow label="Existing pipes">
      <UButton
        v-for="item in job.surveys"
        :key="item.id"
        :label="item.name"
        :icon="item.pipe ? 'i-lucide-check' : 'i-lucide-circle-help'"
        :color="item.id === survey?.id ? 'primary' : 'neutral'"
        :variant="item.id === survey?.id ? 'solid' : 'outline'"
        :aria-pressed="item.id === survey?.id"
        @click="selection.survey = item.id"
      />
      <UButton label="Another pipe" icon="i-lucide-plus" color="neutral" variant="outline" @click="add" />
    </TabRow>
    <p v-if="!survey">
      Nothing is looked at yet. Press <strong>Another pipe</strong>, then enter what you see: colour, a magnet, a
      caliper. The list narrows with each.
    </p>
    <div v-else class="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]">
      <section class="order-1 lg:order-2" aria-label="What it is">
        <div data-readout aria-live="polite">
          <div class="label">Most likely</div>
          <div class="font-label text-4xl leading-tight font-semibold" data-verdict>{{ verdict.text }}</div>
          <p>{{ verdict.detail }}</p>
          <p v-if="next" class="mt-1 font-semibold text-(--ui-primary)" data-next-check>
            Next check: {{ next.why }} <span class="font-normal">({{ next.seconds }} s)</span>
          </p>
          <p v-if="chosenLabel" class="mt-1">
            <VerdictMark verdict="fits" :word="false" /> Taken for {{ chosenLabel }}; it is a tie-in of this job.
          </p>
        </div>
        <ShortList
          v-if="answer"
          class="mt-3"
          :groups="answer.groups"
          :chosen="survey.pipe"
          @choose="(pipe) => change(takeForPipe(job, survey!.id, pipe))"
        />
      </section>
      <section class="order-2 space-y-3 lg:order-1" aria-label="What is seen">
        <div class="grid grid-cols-2 gap-3 sm:grid-cols-[1fr_10rem_7rem_auto]">
          <UFormField label="Where it is" class="col-span-2 sm:col-span-1"
            ><UInput :model-value="survey.name" class="w-full" @update:model-value="rename"
          /></UFormField>
          <Choice
            label="Country"
            :items="regions"
            :model-value="survey.region"
            placeholder="not said"
            @update:model-value="setRegion"
          />
          <UFormField label="House built"
            ><UInput
              :model-value="String(survey.built ?? '')"
              inputmode="numeric"
              placeholder="year"
              class="w-full"
              @update:model-value="setBuilt"
          /></UFormField>
          <UButton
            class="self-end"
            icon="i-lucide-trash-2"
            color="neutral"
            variant="ghost"
            :aria-label="`Remove ${survey.name}`"
            @click="change(removeSurvey(job, survey.id))"
          />
        </div>
        <SeenList :observations="survey.observations" @forget="(index) => change(forget(job, survey!.id, index))" />
        <LookButtons
          :observations="survey.observations"
          :suggested="next?.kind"
          @observe="(seen) => change(observe(job, survey!.id, seen))"
        />
        <MeasureForm :suggested="next?.kind" @observe="(seen) => change(observe(job, survey!.id, seen))" />
      </section>
    </div>
  </div>
</template>
