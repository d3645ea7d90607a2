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

const observe = (seen: Observation) => emit('change', { observations: withSeen(props.survey.observations, seen) })
const forget = (index: number) =>
  emit('change', { observations: props.survey.observations.filter((_, at) => at !== index) })
</script>

<template>
  <div class="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]">
    <section class="order-1 lg:order-2" aria-label="What it is">
      <div data-readout aria-live="polite">
        <div class="label">Most likely</div>
        <div class="font-label text-4xl leading-tight font-semibold" data-verdict>{{ verdict.text }}</div>
        <p>{{ verdict.detail }}</p>
        <p v-if="next" class="mt-1 font-semibold text-(--ui-primary)" data-next-check>
          Next check: {{ tell(next.why) }} <span class="font-normal">({{ next.seconds }} s)</span>
        </p>
        <p v-if="answer?.understood.length" class="mt-1">Read from the print: {{ answer.understood.join(', ') }}.</p>
        <p v-if="taken" class="mt-1"><VerdictMark verdict="fits" :word="false" /> {{ taken }}</p>
        <ul v-if="answer" class="mt-1 space-y-1">
          <li v-for="warning in answer.warnings" :key="tell(warning)" class="flex gap-2">
            <VerdictMark verdict="caution" :word="false" class="pt-1" />{{ tell(warning) }}
          </li>
          <li v-for="against in answer.contradictions" :key="tell(against)" class="flex gap-2 text-(--ui-error)">
            <VerdictMark verdict="refuse" :word="false" class="pt-1" />Contradicts: {{ tell(against) }}
          </li>
        </ul>
      </div>
      <ShortList
        v-if="answer"
        class="mt-3"
        :groups="answer.groups"
        :chosen="survey.pipe"
        @choose="(pipe) => emit('choose', pipe, answer?.marks.barrier ? { barrier: true } : {})"
      />
    </section>
    <section class="order-2 space-y-3 lg:order-1" aria-label="What you see">
      <div class="grid grid-cols-2 gap-3 sm:grid-cols-[1fr_10rem_7rem_auto]">
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
      <SeenList :observations="survey.observations" @forget="forget" />
      <LookButtons :observations="survey.observations" :suggested="next?.kind" @observe="observe" />
      <MeasureForm :suggested="next?.kind" @observe="observe" />
      <GaugeForm @observe="observe" />
      <details class="border-t border-(--ui-border)" @toggle.once="isCaliperOut = true">
        <summary class="opens flex min-h-11 cursor-pointer items-center gap-2 font-semibold">
          <UIcon name="i-lucide-bluetooth" class="size-5" />Connect a caliper
        </summary>
        <LazyCaliperPanel v-if="isCaliperOut" @observe="observe" />
      </details>
    </section>
  </div>
</template>
