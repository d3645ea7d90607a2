<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { identify } from '~~/core/survey/identify'
import { regionAsked } from '~~/core/survey/region-asked'
import { withSeen } from '~~/core/edit/existing/edit-survey'
import type { Survey } from '~~/core/job/job'
import type { Place } from '~~/core/job/place'
import type { Observation, Region } from '~~/core/job/observation'

/** What is this pipe? What is seen on one side, the narrowing answer on the other; in a job and on the bench alike. */
const props = defineProps<{ survey: Survey; taken: string }>()
const emit = defineEmits<{ change: [change: Partial<Survey>]; choose: [pipe: string, known: Place] }>()

const { tell, units } = useWords()
/** Few have one: what it takes is fetched when it is opened. */
const isCaliperOut = ref(false)
const region = computed(() => regionAsked(props.survey.region, units.value))
const answer = computed(() =>
  props.survey.observations.length > 0 ? identify(shippedCatalogue, { ...props.survey, region: region.value }) : null,
)
const next = computed(() => answer.value?.next[0])
const regions: { value: Region; label: string }[] = [
  { value: 'britain', label: 'Britain' },
  { value: 'europe', label: 'Europe' },
  { value: 'north-america', label: 'North America' },
]
const verdict = computed(() => {
  const likeliest = answer.value?.groups[0]?.candidates[0]?.label
  if (!answer.value || !likeliest)
    return { text: 'What do you see?', detail: 'Anything you see or measure narrows the list.' }
  if (answer.value.settled) return { text: likeliest, detail: 'Identified: everything likely takes the same fittings.' }
  return { text: 'Undecided', detail: `Most likely ${likeliest}, but others take different fittings.` }
})

/** What one press takes, once all that is likely takes the same fittings. */
const sure = computed(() => (answer.value?.settled ? answer.value.groups[0]?.candidates[0]?.pipe : undefined))
const choose = (pipe: string) => emit('choose', pipe, answer.value?.marks.barrier ? { barrier: true } : {})
const observe = (seen: Observation) => emit('change', { observations: withSeen(props.survey.observations, seen) })
const forget = (index: number) =>
  emit('change', { observations: props.survey.observations.filter((_, at) => at !== index) })
</script>

<template>
  <!-- On a phone the answer stays in sight above what is asked; the surest measure comes first, under the thumb. -->
  <div class="grid gap-6 max-lg:flex max-lg:flex-col max-lg:gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]">
    <section class="max-lg:contents lg:order-2" aria-label="What it is">
      <div
        class="max-sm:sticky max-sm:top-13 max-sm:z-5 max-sm:-mx-3 max-sm:border-b max-sm:border-(--ui-border) max-sm:bg-(--ui-bg) max-sm:px-3 max-sm:pb-2"
        data-readout
        aria-live="polite"
      >
        <div class="label">Most likely</div>
        <div class="flex items-start gap-2">
          <div class="flex-1 font-label text-4xl leading-tight font-semibold max-sm:text-2xl" data-verdict>
            {{ verdict.text }}
          </div>
          <PushButton
            v-if="sure && sure !== survey.pipe"
            label="Use this pipe"
            color="primary"
            variant="solid"
            @click="choose(sure)"
          />
        </div>
        <p class="max-sm:leading-tight">{{ verdict.detail }}</p>
        <p v-if="next" class="mt-1 font-semibold text-(--ui-primary) max-sm:leading-tight" data-next-check>
          Next check: <SpokenText :text="tell(next.why)" /> <span class="font-normal">({{ next.seconds }} s)</span>
        </p>
      </div>
      <div class="max-lg:order-2">
        <p v-if="answer?.understood.length" class="mt-1">Read from the print: {{ answer.understood.join(', ') }}.</p>
        <p v-if="taken" class="mt-1"><VerdictMark verdict="fits" :word="false" /> {{ taken }}</p>
        <ul v-if="answer" class="mt-1 space-y-1">
          <li v-for="warning in answer.warnings" :key="tell(warning)" class="flex gap-2">
            <VerdictMark verdict="caution" :word="false" class="pt-1" /><SpokenText :text="tell(warning)" />
          </li>
          <li v-for="against in answer.contradictions" :key="tell(against)" class="flex gap-2 text-(--ui-error)">
            <VerdictMark verdict="refuse" :word="false" class="pt-1" /><span
              >Contradicts: <SpokenText :text="tell(against)"
            /></span>
          </li>
        </ul>
      </div>
      <LazyShortList
        v-if="answer"
        class="mt-3 max-lg:order-6"
        :groups="answer.groups"
        :chosen="survey.pipe"
        @choose="choose"
      />
    </section>
    <section class="space-y-3 max-lg:contents lg:order-1" aria-label="What you see">
      <div class="grid grid-cols-2 gap-3 max-lg:order-7 sm:grid-cols-[1fr_10rem_7rem_auto]">
        <div class="col-span-2 sm:col-span-1"><slot name="name" /></div>
        <Choice
          label="Country"
          :items="regions"
          :model-value="region"
          placeholder="not set"
          @update:model-value="(said) => emit('change', { region: said })"
        />
        <YearField :model-value="survey.built" @update:model-value="(built) => emit('change', { built })" />
        <div class="self-end"><slot name="remove" /></div>
      </div>
      <LazySeenList
        v-if="survey.observations.length"
        class="max-lg:order-3"
        :observations="survey.observations"
        @forget="forget"
      />
      <LookButtons
        class="max-lg:order-4"
        :observations="survey.observations"
        :suggested="next?.kind"
        @observe="observe"
      />
      <MeasureForm class="max-lg:order-3" :suggested="next?.kind" @observe="observe" />
      <GaugeForm class="max-lg:order-5" @observe="observe" />
      <details class="border-t border-(--ui-border) max-lg:order-5" @toggle.once="isCaliperOut = true">
        <summary class="opens flex min-h-11 cursor-pointer items-center gap-2 font-semibold">
          <UIcon name="i-lucide-bluetooth" class="size-5" />Connect a caliper
        </summary>
        <LazyCaliperPanel v-if="isCaliperOut" @observe="observe" />
      </details>
    </section>
  </div>
</template>
