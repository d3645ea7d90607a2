<script setup lang="ts">
import { runsAtNoVisit } from '~~/core/job/visit-runs'
import type { Visit } from '~~/core/job/visit-schema'

/** When somebody comes to this job: each visit with its day, and what else was agreed. */
const { job, change } = useOpenJob()
const { runName } = useNames()
const visits = computed(() => job.value.visits ?? [])
const write = (of: readonly Visit[]) => change({ ...job.value, visits: of.length > 0 ? [...of] : undefined })
const set = (id: string, of: Partial<Visit>) =>
  write(visits.value.map((visit) => (visit.id === id ? { ...visit, ...of } : visit)))
const left = computed(() => runsAtNoVisit(job.value).map(runName))
/** With several visits, which runs are made at which; one that names none makes the rest. */
const isShared = computed(() => visits.value.length > 1 && job.value.runs.length > 1)
function runsWith({ runs = [] }: Visit, id: string, isMade: boolean): string[] | undefined {
  const others = runs.filter((run) => run !== id)
  const now = isMade ? [...others, id] : others
  return now.length > 0 ? now : undefined
}
const add = () =>
  write([...visits.value, { id: `visit-${crypto.randomUUID()}`, on: new Date().toLocaleDateString('sv') }])
</script>

<template>
  <section aria-label="Visits" class="no-print">
    <h3 class="heading">Visits</h3>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="visit in visits" :key="visit.id" class="flex flex-wrap items-end gap-3 py-2">
        <TextField
          type="date"
          label="Day"
          :model-value="visit.on"
          @update:model-value="(on) => on && set(visit.id, { on })"
        />
        <TextField
          type="time"
          label="Agreed time"
          :model-value="visit.at"
          @update:model-value="(at) => set(visit.id, { at: at || undefined })"
        />
        <TextField
          label="For"
          :model-value="visit.what"
          maxlength="80"
          placeholder="rough-in, second fix"
          @update:model-value="(what) => set(visit.id, { what: what || undefined })"
        />
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
        <fieldset v-if="isShared" class="flex basis-full flex-wrap items-center gap-x-5">
          <legend class="label">Made then</legend>
          <CheckBox
            v-for="{ id } in job.runs"
            :key="id"
            :label="runName(id)"
            :model-value="visit.runs?.includes(id) ?? false"
            @update:model-value="(isMade) => set(visit.id, { runs: runsWith(visit, id, isMade) })"
          />
        </fieldset>
        <RemoveButton name="this visit" @remove="write(visits.filter(({ id }) => id !== visit.id))" />
        <NuxtLink :to="{ path: '/day', query: { on: visit.on } }" class="inline-flex min-h-11 items-center underline"
          >Show that day</NuxtLink
        >
      </li>
    </ul>
    <p v-if="isShared" class="text-sm text-muted">
      Tick what is made at each visit, and each has a time of its own. One with nothing ticked makes the rest.
    </p>
    <p v-if="left.length" class="mt-2 flex items-center gap-2" data-at-no-visit>
      <VerdictMark verdict="caution" :word="false" />At no visit yet: {{ left.join(', ') }}
    </p>
    <PushButton class="mt-2" label="Add a visit" icon="i-lucide-plus" @click="add" />
  </section>
</template>
