<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { services, type Place, type Service } from '~~/core/job/place'
import { profiles, type ProfileId } from '~~/core/job/profile'

/** The question as it stands, kept in this browser. */
const question = useLocalStorage<{ a?: string; b?: string; service: Service; place: Place; profile: ProfileId }>(
  'jolvet-bench-join',
  { service: 'cold', place: {}, profile: 'metric' },
)
const a = computed(() => (question.value.a ? shippedCatalogue.pipe(question.value.a) : undefined))
const b = computed(() => (question.value.b ? shippedCatalogue.pipe(question.value.b) : undefined))
const serviceItems = services.map((value) => ({ value, label: value.replace('-', ' ') }))
const profileItems = Object.values(profiles).map(({ id, name }) => ({ value: id, label: name }))
const set = (part: Partial<typeof question.value>) => (question.value = { ...question.value, ...part })
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
        :model-value="question.profile"
        @update:model-value="(profile) => set({ profile })"
      />
    </div>
    <JoinQuestion
      v-if="a && b"
      :names="['one pipe', 'other pipe']"
      :a="a"
      :b="b"
      :service="question.service"
      :place="question.place"
      :profile="question.profile"
    >
      <PlaceForm :place="question.place" @change="(place) => set({ place })" />
    </JoinQuestion>
    <p v-else>Choose both pipes: what fits each, and the fittings between them, stand here.</p>
  </div>
</template>
