<script setup lang="ts">
import { useDebounceFn, useLocalStorage } from '@vueuse/core'
import { askedTube, type AskedShape, type AskedTube } from '~~/core/bend/asked-tube'
import { usualRadius } from '~~/core/bend/limits'
import { offset } from '~~/core/bend/offset'
import { shapeName } from '~~/core/bend/shape-name'
import type { Tube } from '~~/core/bend/tube'
import { inch } from '~~/core/quantity/units'
import type { Asked } from '~/composables/page/useAsked'
import { useCatalogueStore } from '~/stores/catalogue'

/** Where do I bend? One bend, an offset, a U, a crossover, or what a marked tube becomes; without a job. */
const own = useCatalogueStore()
const kinds: readonly { value: AskedShape; label: string }[] = [
  { value: 'bend', label: 'One bend' },
  { value: 'offset', label: 'Offset' },
  { value: 'u', label: 'U of two 90s' },
  { value: 's', label: 'S of two 90s' },
  { value: 'three', label: 'Crossover of three bends' },
  { value: 'four', label: 'Crossover of four bends' },
  { value: 'marks', label: 'What do these marks become?' },
]
type Question = AskedTube & { readonly pipe: string }
const metric: Question = {
  pipe: 'copper-half-hard-en-1057-r250-15x0.7',
  kind: 'offset',
  angle: 45,
  set: 100,
  roll: 0,
  before: 300,
  across: 200,
  after: 300,
  length: 700,
  marks: [{ at: 300, angle: 90, turn: 0 }],
}
const question = useLocalStorage<Question>('jolvet-bench-bend', metric, { mergeDefaults: true })
const set = (part: Partial<Question>) => (question.value = { ...question.value, ...part })
const pipe = computed(() => own.catalogue.pipe(question.value.pipe))
const { bender } = useBenders(() => pipe.value?.od ?? 0)
const { methodOf } = useBendingMethod()
const method = computed(() => (pipe.value ? methodOf(pipe.value) : 'bender'))
const radius = computed(() => {
  const inBender = method.value === 'bender' ? bender.value?.radius : undefined
  return inBender ?? (pipe.value ? usualRadius(pipe.value, method.value) : 60)
})
const { length, problemOf, tell, units, trade } = useWords()

const asked = computed<{ tube: Tube; problem: '' } | { tube: null; problem: string }>(() => {
  try {
    return { tube: askedTube(question.value, radius.value), problem: '' }
  } catch (error) {
    return { tube: null, problem: problemOf(error) }
  }
})
const found = computed(() => {
  const { kind, set: rise, angle, roll } = question.value
  const hasSet = kind === 'offset' || kind === 'three' || kind === 'four'
  return hasSet && asked.value.tube ? offset(rise, angle, kind === 'offset' ? roll : 0) : null
})
const ways = { min: 0, max: 10_000 }
const mostAngle = computed(() => ({ bend: 150, three: 60 })[question.value.kind as string] ?? 90)

const most = computed((): Asked<Partial<Question>>[] => {
  const [small, large] = units.value === 'metric' ? [50, 300] : [2 * inch, 12 * inch]
  const ends = { before: large, after: large, roll: 0 }
  return [
    { label: `Offset of ${length(small)} at 45°`, ask: { kind: 'offset', set: small, angle: 45, ...ends } },
    { label: `90 at ${length(large)}`, ask: { kind: 'bend', angle: 90, ...ends } },
    { label: `Over a pipe, ${length(40)} high`, ask: { kind: 'three', set: 40, angle: 30, ...ends } },
    { label: 'Two 90s, a U', ask: { kind: 'u', across: 200, ...ends } },
  ]
})
const { last, remember } = useAsked<Partial<Question>>('bend')
/** A question is one once its figures rest: not at each digit. */
const rested = useDebounceFn(() => {
  if (asked.value.tube) remember({ label: tell(shapeName(asked.value.tube)), ask: { ...question.value } })
}, 3000)
watch(question, () => void rested(), { deep: true })

const setMark = (index: number, part: Partial<Question['marks'][number]>) =>
  set({ marks: question.value.marks.map((mark, at) => (at === index ? { ...mark, ...part } : mark)) })
function addMark(): void {
  const before = question.value.marks.at(-1)?.at ?? 0
  set({ marks: [...question.value.marks, { at: before + 200, angle: 90, turn: 0 }] })
}
</script>

<template>
  <div class="grid gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
    <AskedMost class="lg:col-span-2" :most="most" :last="last" @ask="set" />
    <section class="order-2 space-y-4" aria-label="The bend">
      <LazyPipePicker label="Pipe" :model-value="question.pipe" @update:model-value="(id) => set({ pipe: id })" />
      <Choice
        label="What is bent"
        :items="kinds"
        :model-value="question.kind"
        @update:model-value="(kind) => set({ kind })"
      />
      <div class="grid grid-cols-2 gap-3">
        <NumberField
          v-if="['bend', 'offset', 'three', 'four'].includes(question.kind)"
          label="Angle"
          unit="°"
          :least="1"
          :most="mostAngle"
          :model-value="question.angle"
          @update:model-value="(value) => value !== undefined && set({ angle: value })"
        />
        <LengthField
          v-if="['offset', 'three', 'four'].includes(question.kind)"
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
          v-if="['four', 'u', 's'].includes(question.kind)"
          :label="question.kind === 'four' ? 'Straight across' : trade('Centre to centre')"
          :limits="ways"
          :model-value="question.across"
          @update:model-value="(mm) => mm !== undefined && set({ across: mm })"
        />
        <template v-if="question.kind !== 'marks'">
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
        </template>
        <LengthField
          v-else
          label="Length of the straight tube"
          :limits="ways"
          :model-value="question.length"
          @update:model-value="(mm) => mm !== undefined && set({ length: mm })"
        />
      </div>
      <ol v-if="question.kind === 'marks'" class="ruled" aria-label="Marks">
        <li
          v-for="(mark, index) in question.marks"
          :key="index"
          class="grid grid-cols-[1fr_1fr_1fr_auto] items-end gap-2 py-2"
        >
          <LengthField
            :label="`Mark ${index + 1}, start of bend`"
            :limits="ways"
            :model-value="mark.at"
            @update:model-value="(mm) => mm !== undefined && setMark(index, { at: mm })"
          />
          <NumberField
            :label="`Angle ${index + 1}`"
            unit="°"
            :least="1"
            :most="150"
            :model-value="mark.angle"
            @update:model-value="(angle) => angle !== undefined && setMark(index, { angle })"
          />
          <NumberField
            v-if="index > 0"
            :label="`Turned ${index + 1}`"
            unit="°"
            :least="-180"
            :most="180"
            :model-value="mark.turn"
            @update:model-value="(turn) => turn !== undefined && setMark(index, { turn })"
          />
          <span v-else />
          <PushButton
            icon="i-lucide-trash-2"
            variant="ghost"
            :aria-label="`Remove mark ${index + 1}`"
            @click="set({ marks: question.marks.filter((_, at) => at !== index) })"
          />
        </li>
        <li class="py-2"><PushButton icon="i-lucide-plus" label="Add mark" @click="addMark" /></li>
      </ol>
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
        <dt class="label">Extra length over straight</dt>
        <dd class="font-label text-lg font-semibold">{{ length(found.shortening) }}</dd>
      </dl>
      <CornerTable
        v-if="pipe && question.kind === 'bend' && asked.tube"
        :pipe="pipe"
        :angle="question.angle"
        :radius="radius"
        :bending="method"
      />
      <BenderPanel v-if="pipe && method === 'bender'" :od="pipe.od" />
    </section>
    <div class="order-1 lg:order-3">
      <p v-if="asked.problem" role="alert" class="text-lg text-(--ui-error)">{{ asked.problem }}</p>
      <template v-else-if="asked.tube && pipe">
        <p class="mb-2 font-label text-xl font-semibold" data-shape>
          {{ pipe.nominal }} as {{ tell(shapeName(asked.tube)) }}: {{ asked.tube.legs.map(length).join(', ') }} from
          corner to corner
        </p>
        <BendSheetView :tube="asked.tube" :bender="bender" :pipe="pipe" title="Bend" />
      </template>
    </div>
  </div>
</template>
