<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { services, serviceWords, type Condition, type Place, type Service } from '~~/core/job/place'
import { usualProfile } from '~~/core/workshop/profile'
import { joinsAskedMost } from '~/asked/most-asked'
import type { Asked } from '~/composables/page/useAsked'
import type { HeldProfile } from '~/composables/workshop/useProfileChoice'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

interface Question extends HeldProfile {
  readonly a?: string
  readonly b?: string
  readonly service: Service
  readonly place: Place
  readonly conditionA?: Condition
  readonly conditionB?: Condition
  readonly onlyOwned?: boolean
}

const own = useCatalogueStore()
const workshop = useWorkshopStore()
/** The question as it stands, kept in this browser. */
const { units } = useWords()
const question = useLocalStorage<Question>('jolvet-bench-join', {
  service: 'cold',
  place: {},
  profile: usualProfile(units.value),
})
const a = computed(() => (question.value.a ? own.catalogue.pipe(question.value.a) : undefined))
const b = computed(() => (question.value.b ? own.catalogue.pipe(question.value.b) : undefined))
const serviceItems = services.map((value) => ({ value, label: serviceWords[value] }))
const { items: profileItems, current, choose } = useProfileChoice(() => question.value)
const most = computed((): Asked<Partial<Question>>[] => joinsAskedMost(units.value))
const { last, remember } = useAsked<Partial<Question>>('join')
const short = (label: string) => label.split(' · ')[0]
watch(
  [a, b],
  ([one, other]) => {
    if (one && other)
      remember({ label: `${short(one.label)} to ${short(other.label)}`, ask: { a: one.id, b: other.id } })
  },
  { immediate: true },
)
const set = (part: Partial<Question>) => (question.value = { ...question.value, ...part })
watch(useBenchUnits().units, (now) => set({ profile: usualProfile(now), own: undefined }))
</script>

<template>
  <div class="space-y-4">
    <div class="grid gap-3 sm:grid-cols-2 lg:grid-cols-[1fr_1fr_10rem_12rem]">
      <LazyPipePicker label="One pipe" :model-value="question.a" @update:model-value="(id) => set({ a: id })" />
      <LazyPipePicker label="The other pipe" :model-value="question.b" @update:model-value="(id) => set({ b: id })" />
      <Choice
        label="Service"
        :items="serviceItems"
        :model-value="question.service"
        @update:model-value="(service) => set({ service })"
      />
      <Choice
        label="Rule profile"
        :items="profileItems"
        :model-value="current"
        @update:model-value="(value) => set(choose(value) ?? {})"
      />
    </div>
    <AskedMost :most="most" :last="last" @ask="set" />
    <JoinQuestion
      v-if="a && b"
      :names="['one pipe', 'other pipe']"
      :a="a"
      :b="b"
      :service="question.service"
      :place="question.place"
      :held="question"
      :condition-a="question.conditionA"
      :condition-b="question.conditionB"
      :tools="question.onlyOwned ? (workshop.workshop.tools ?? []) : undefined"
    >
      <PlaceForm :place="question.place" @change="(place) => set({ place })">
        <ConditionForm
          of="one pipe"
          :condition="question.conditionA ?? {}"
          @change="(conditionA) => set({ conditionA })"
        />
        <ConditionForm
          of="other pipe"
          :condition="question.conditionB ?? {}"
          @change="(conditionB) => set({ conditionB })"
        />
        <CheckBox
          :model-value="question.onlyOwned ?? false"
          label="Count only tools that I own"
          @update:model-value="(on) => set({ onlyOwned: on })"
        />
      </PlaceForm>
    </JoinQuestion>
    <p v-else>Choose both pipes to see the fittings between them and the methods for each.</p>
  </div>
</template>
