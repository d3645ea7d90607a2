<script setup lang="ts">
import type { Visit } from '~~/core/job/visit-schema'

/** When somebody comes to this job: each visit with its day, and what else was agreed. */
const { job, change } = useOpenJob()
const visits = computed(() => job.value.visits ?? [])
const write = (of: readonly Visit[]) => change({ ...job.value, visits: of.length > 0 ? [...of] : undefined })
const set = (id: string, of: Partial<Visit>) =>
  write(visits.value.map((visit) => (visit.id === id ? { ...visit, ...of } : visit)))
const add = () =>
  write([...visits.value, { id: `visit-${crypto.randomUUID()}`, on: new Date().toLocaleDateString('sv') }])
</script>

<template>
  <section aria-label="Visits" class="no-print">
    <h3 class="heading">Visits</h3>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="visit in visits" :key="visit.id" class="flex flex-wrap items-end gap-3 py-2">
        <UFormField label="Day">
          <UInput
            type="date"
            :model-value="visit.on"
            aria-label="Day"
            @update:model-value="(on) => on && set(visit.id, { on: String(on) })"
          />
        </UFormField>
        <UFormField label="Agreed time">
          <UInput
            type="time"
            :model-value="visit.at ?? ''"
            aria-label="Agreed time"
            @update:model-value="(at) => set(visit.id, { at: String(at) || undefined })"
          />
        </UFormField>
        <UFormField label="For">
          <UInput
            :model-value="visit.what ?? ''"
            maxlength="80"
            placeholder="rough-in, second fix"
            aria-label="For"
            @update:model-value="(what) => set(visit.id, { what: String(what) || undefined })"
          />
        </UFormField>
        <NumberField
          label="Takes"
          unit="min"
          class="w-32"
          optional
          whole
          :least="1"
          :most="1440"
          :model-value="visit.minutes"
          @update:model-value="(minutes) => set(visit.id, { minutes })"
        />
        <RemoveButton name="this visit" @remove="write(visits.filter(({ id }) => id !== visit.id))" />
        <NuxtLink :to="{ path: '/day', query: { on: visit.on } }" class="inline-flex min-h-11 items-center underline"
          >Show that day</NuxtLink
        >
      </li>
    </ul>
    <UButton class="mt-2" label="Add a visit" icon="i-lucide-plus" @click="add" />
  </section>
</template>
