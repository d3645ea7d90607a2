<script setup lang="ts">
import { setNode, setRun } from '~~/core/edit/edit-run'
import { chooseChain } from '~~/core/edit/existing/edit-tie-in'
import { addRun } from '~~/core/edit/new-job'
import { chainChosen } from '~~/core/job/chosen'
import { services, serviceWords, type Place } from '~~/core/job/place'
import { systemOf } from '~~/core/job/system'
import { plainMethodAt } from '~~/core/pipework/take-off/end'
import { choosePipe } from '~~/core/edit/runs/choose-pipe'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'
import { useWorkshopStore } from '~/stores/workshop'

const { store, job, change } = useOpenJob()
const selection = useSelectionStore()
const own = useCatalogueStore()
const workshop = useWorkshopStore()

const tieIns = computed(() =>
  job.value.nodes
    .filter(({ kind }) => kind === 'tie-in')
    .map((node) => ({ key: node.id, run: job.value.runs.find(({ id }) => id === node.run)!, node })),
)
const current = computed(() => tieIns.value.find(({ key }) => key === selection.tieIn) ?? tieIns.value[0])
const pipes = computed(() => {
  const { run, node } = current.value ?? {}
  const b = run && own.catalogue.pipe(run.pipe)
  const a = node?.existing ? own.catalogue.pipe(node.existing) : undefined
  return a && b ? { a, b } : null
})
const plain = computed(() => {
  const system = current.value && systemOf(job.value, current.value.run.id)
  return system && current.value ? plainMethodAt(own.catalogue, system, current.value.node) : null
})
const place = computed<Place>(() => ({ ...job.value.place, ...current.value?.run.place }))
const serviceItems = services.map((value) => ({ value, label: serviceWords[value] }))

/** New pipe alone: its run is begun and opened. */
async function startRun(): Promise<void> {
  const added = addRun(job.value, randomIds)
  selection.run = added.run
  change(added.job)
  await navigateTo(`/jobs/${store.id}/route`)
}
function setPipe(pipe: string): void {
  if (!current.value) return
  change(choosePipe(own.catalogue, job.value, current.value.run.id, pipe))
}
</script>

<template>
  <div>
    <p v-if="!current">
      No tie-in yet: identify a pipe in <strong>Survey</strong> and it becomes one. To start with new pipe only,
      <NuxtLink v-if="job.runs.length" :to="`/jobs/${store.id}/route`" class="underline">open its run</NuxtLink>
      <PushButton v-else label="start a run" variant="link" class="p-0" @click="startRun" />.
    </p>
    <template v-else>
      <TabRow label="Tie-ins">
        <PushButton
          v-for="item in tieIns"
          :key="item.key"
          :aria-pressed="item.key === current.key"
          :active="item.key === current.key"
          @click="selection.tieIn = item.key"
        >
          {{ item.run.name }}
        </PushButton>
      </TabRow>
      <p v-if="!pipes">The existing pipe is not identified yet: see <strong>Survey</strong>.</p>
      <JoinQuestion
        v-else
        :key="current.key"
        v-bind="pipes"
        :service="current.run.service"
        :place="place"
        :held="job"
        :condition-a="current.node.condition"
        :condition-b="current.run.condition"
        :tools="job.tools"
        :chosen="chainChosen(current.node)"
        :method="current.run.method"
        :plain="plain"
        choosable
        @chain="(chain) => change(chooseChain(job, current!.run.id, current!.node.id, chain))"
        @method="(method) => change(setRun(job, current!.run.id, { method }))"
      >
        <div class="grid gap-3 sm:grid-cols-2">
          <div>
            <div class="label">Existing pipe</div>
            <p class="pt-2">{{ pipes.a.label }}</p>
          </div>
          <LazyPipePicker label="New pipe" :model-value="current.run.pipe" @update:model-value="setPipe" />
          <Choice
            label="Service"
            :items="serviceItems"
            :model-value="current.run.service"
            @update:model-value="(service) => change(setRun(job, current!.run.id, { service }))"
          />
        </div>
        <PlaceForm
          class="mt-3"
          :place="place"
          @change="(next) => change(setRun(job, current!.run.id, { place: next }))"
        >
          <ConditionForm
            of="old pipe"
            :condition="current.node.condition ?? {}"
            @change="(condition) => change(setNode(job, current!.run.id, current!.node.id, { condition }))"
          />
          <ConditionForm
            of="new pipe"
            :condition="current.run.condition ?? {}"
            @change="(condition) => change(setRun(job, current!.run.id, { condition }))"
          />
          <CheckBox
            :model-value="job.tools !== undefined"
            label="Count only tools that I own"
            @update:model-value="
              (on) => change({ ...job, tools: on ? [...(workshop.workshop.tools ?? [])] : undefined })
            "
          />
        </PlaceForm>
      </JoinQuestion>
    </template>
  </div>
</template>
