<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { usualRadius } from '~~/core/bend/limits'
import { crossoverFour, crossoverThree, offset, offsetTube } from '~~/core/bend/offset'
import { markTube, type Tube } from '~~/core/bend/tube'
import { useCatalogueStore } from '~/stores/catalogue'

/** Where do I bend? One bend, an offset, a crossover, without a job. */
const own = useCatalogueStore()
const kinds = [
  { value: 'bend', label: 'One bend' },
  { value: 'offset', label: 'Offset' },
  { value: 'three', label: 'Crossover of three bends' },
  { value: 'four', label: 'Crossover of four bends' },
] as const
type Kind = (typeof kinds)[number]['value']
const question = useLocalStorage<{
  pipe: string
  kind: Kind
  angle: number
  set: number
  roll: number
  before: number
  across: number
  after: number
}>('jolvet-bench-bend', {
  pipe: 'copper-half-hard-en-1057-r250-15x0.7',
  kind: 'offset',
  angle: 45,
  set: 100,
  roll: 0,
  before: 300,
  across: 200,
  after: 300,
})
const set = (part: Partial<typeof question.value>) => (question.value = { ...question.value, ...part })
const pipe = computed(() => own.catalogue.pipe(question.value.pipe))
const { bender } = useBenders(() => pipe.value?.od ?? 0)
const { wayOf } = useBendWay()
const way = computed(() => (pipe.value ? wayOf(pipe.value) : 'bender'))
const radius = computed(() => {
  const inBender = way.value === 'bender' ? bender.value?.radius : undefined
  return inBender ?? (pipe.value ? usualRadius(pipe.value, way.value) : 60)
})
const { length, problemOf } = useWords()

const asked = computed<{ tube: Tube; problem: '' } | { tube: null; problem: string }>(() => {
  const { kind, angle, set: aside, roll, before, across, after } = question.value
  try {
    const tube: Tube =
      kind === 'bend'
        ? { legs: [before, after], bends: [{ angle, radius: radius.value, turn: 0 }] }
        : kind === 'offset'
          ? offsetTube(Math.hypot(aside, roll), angle, radius.value, before, after)
          : kind === 'three'
            ? crossoverThree(aside, angle, radius.value, before, after)
            : crossoverFour(aside, angle, radius.value, across, before, after)
    const short = markTube(tube).straights.findIndex((straight) => straight < 0)
    if (short < 0) return { tube, problem: '' }
    return {
      tube: null,
      problem: `The bends run into each other: the ${short === 0 ? 'first' : short === tube.bends.length ? 'last' : 'middle'} length is too short for a radius of ${length(radius.value)}.`,
    }
  } catch (error) {
    return { tube: null, problem: problemOf(error) }
  }
})
const found = computed(() =>
  question.value.kind === 'bend' || asked.value.problem
    ? null
    : offset(question.value.set, question.value.angle, question.value.kind === 'offset' ? question.value.roll : 0),
)
const ways = { min: 0, max: 10_000 }
</script>

<template>
  <div class="grid gap-6 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
    <section class="order-2 space-y-4 lg:order-1" aria-label="The bend">
      <LazyPipePicker label="Pipe" :model-value="question.pipe" @update:model-value="(id) => set({ pipe: id })" />
      <Choice
        label="What is bent"
        :items="kinds"
        :model-value="question.kind"
        @update:model-value="(kind) => set({ kind })"
      />
      <div class="grid grid-cols-2 gap-3">
        <NumberField
          label="Angle"
          unit="°"
          :least="1"
          :most="question.kind === 'bend' ? 150 : question.kind === 'three' ? 60 : 90"
          :model-value="question.angle"
          @update:model-value="(value) => value !== undefined && set({ angle: value })"
        />
        <LengthField
          v-if="question.kind !== 'bend'"
          label="Set"
          :limits="ways"
          :model-value="question.set"
          @update:model-value="(mm) => mm !== undefined && set({ set: mm })"
        />
        <LengthField
          v-if="question.kind === 'offset'"
          label="Roll aside"
          :limits="ways"
          :model-value="question.roll"
          @update:model-value="(mm) => mm !== undefined && set({ roll: mm })"
        />
        <LengthField
          v-if="question.kind === 'four'"
          label="Straight across"
          :limits="ways"
          :model-value="question.across"
          @update:model-value="(mm) => mm !== undefined && set({ across: mm })"
        />
        <LengthField
          label="First end to the first corner"
          :limits="ways"
          :model-value="question.before"
          @update:model-value="(mm) => mm !== undefined && set({ before: mm })"
        />
        <LengthField
          label="Last corner to the second end"
          :limits="ways"
          :model-value="question.after"
          @update:model-value="(mm) => mm !== undefined && set({ after: mm })"
        />
      </div>
      <dl v-if="found" class="grid grid-cols-2 gap-x-3" aria-label="The offset">
        <template v-if="question.kind === 'offset' && question.roll > 0">
          <dt class="label">True set</dt>
          <dd class="font-label text-lg font-semibold">
            {{ length(found.set) }}, rolled {{ Math.round(found.roll * 10) / 10 }}°
          </dd>
        </template>
        <dt class="label">Corner to corner along the pipe</dt>
        <dd class="font-label text-lg font-semibold">{{ length(found.travel) }}</dd>
        <dt class="label">Along the run</dt>
        <dd class="font-label text-lg font-semibold">{{ length(found.advance) }}</dd>
        <dt class="label">Longer than straight on by</dt>
        <dd class="font-label text-lg font-semibold">{{ length(found.shortening) }}</dd>
      </dl>
      <CornerTable
        v-if="pipe && question.kind === 'bend' && asked.tube"
        :pipe="pipe"
        :angle="question.angle"
        :radius="radius"
        :way="way"
      />
      <BenderPanel v-if="pipe && way === 'bender'" :od="pipe.od" />
    </section>
    <div class="order-1 lg:order-2">
      <p v-if="asked.problem" role="alert" class="text-lg text-(--ui-error)">{{ asked.problem }}</p>
      <BendSheetView v-else-if="asked.tube && pipe" :tube="asked.tube" :bender="bender" :pipe="pipe" title="Bend" />
    </div>
  </div>
</template>
