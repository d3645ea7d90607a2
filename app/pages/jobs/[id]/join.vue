<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { methodIds, methods, type MethodId } from '~~/core/catalogue/method'
import { setNode, setRun } from '~~/core/job/edit-run'
import { chooseChain } from '~~/core/job/edit-tie-in'
import { addRun } from '~~/core/job/new-job'
import type { Chain } from '~~/core/join/chain'
import { join } from '~~/core/join/join'
import { services, type Place } from '~~/core/job/place'
import { useSelectionStore } from '~/stores/selection'

const { job, change } = useOpenJob()
const selection = useSelectionStore()
const { length } = useLengthText()

const tieIns = computed(() =>
  job.value.runs.flatMap((run) =>
    run.nodes.filter(({ kind }) => kind === 'tie-in').map((node) => ({ key: `${run.id}/${node.id}`, run, node })),
  ),
)
const current = computed(() => tieIns.value.find(({ key }) => key === selection.tieIn) ?? tieIns.value[0])
const pipes = computed(() => {
  const { run, node } = current.value ?? {}
  const b = run && shippedCatalogue.pipe(run.pipe)
  const a = node?.existing ? shippedCatalogue.pipe(node.existing) : undefined
  return a && b ? { a, b } : null
})
const place = computed<Place>(() => ({ ...job.value.place, ...current.value?.run.place }))
const answer = computed(() => {
  if (!pipes.value || !current.value) return null
  return join(shippedCatalogue, pipes.value, {
    service: current.value.run.service,
    place: place.value,
    conditionA: {},
    conditionB: {},
    profile: job.value.profile,
  })
})

/** A method is used along a run only where the catalogue has its sockets for the pipe. */
const usable = computed(
  () => new Set(methodIds.filter((method) => pipes.value && shippedCatalogue.socketFor(method, pipes.value.b))),
)

const looked = ref(0)
const chosenIndex = computed(
  () =>
    answer.value?.chains.findIndex(
      ({ fittings }) => fittings.map(({ id }) => id).join('+') === current.value?.node.chain?.fittings.join('+'),
    ) ?? -1,
)
const shown = computed(() => answer.value?.chains[chosenIndex.value >= 0 ? chosenIndex.value : looked.value])
const outer = computed<readonly [MethodId | undefined, MethodId | undefined]>(() => [
  shown.value?.joints[0]?.method,
  shown.value?.joints.at(-1)?.method,
])
const figures = computed(() => {
  if (!pipes.value) return null
  const { a, b } = pipes.value
  const at = (method: MethodId | undefined, pipe: typeof a) =>
    method
      ? ((shippedCatalogue.converterSocketFor(method, pipe) ?? shippedCatalogue.socketFor(method, pipe))?.insertion ??
        null)
      : null
  return { a: at(outer.value[0], a), b: at(outer.value[1], b) }
})
const depths = computed(() => [figures.value?.a?.mm ?? null, figures.value?.b?.mm ?? null] as const)
const ofMethod = (method: MethodId | undefined) => (method ? methods[method].name.toLowerCase() : '')

const serviceItems = services.map((value) => ({ value, label: value.replace('-', ' ') }))
const choose = (chain: Chain) =>
  current.value && change(chooseChain(job.value, current.value.run.id, current.value.node.id, chain))
const setPipe = (pipe: string) => {
  if (!current.value) return
  const { run, node } = current.value
  change(setNode(setRun(job.value, run.id, { pipe }), run.id, node.id, { chain: undefined }))
}
const setPlace = (next: Place) => current.value && change(setRun(job.value, current.value.run.id, { place: next }))
</script>

<template>
  <div>
    <p v-if="!current">
      There is no tie-in yet: tell what a pipe is in <strong>Survey</strong> and it becomes one. To begin with new pipe
      alone, <UButton label="start a run" variant="link" class="p-0" @click="change(addRun(job).job)" />.
    </p>
    <template v-else>
      <TabRow label="Tie-ins">
        <UButton
          v-for="item in tieIns"
          :key="item.key"
          :label="item.run.name"
          :color="item.key === current.key ? 'primary' : 'neutral'"
          :variant="item.key === current.key ? 'solid' : 'outline'"
          :aria-pressed="item.key === current.key"
          @click="selection.tieIn = item.key"
        />
      </TabRow>
      <div class="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <section aria-label="The two ends">
          <div class="grid grid-cols-2 gap-4">
            <Readout
              :label="`Old pipe in, ${ofMethod(outer[0])}`"
              :value="length(depths[0])"
              :tolerance="figures?.a ? length(figures.a.tolerance) : ''"
              :basis="figures?.a?.basis ?? 'measure the socket'"
            />
            <Readout
              :label="`New pipe in, ${ofMethod(outer[1])}`"
              :value="length(depths[1])"
              :tolerance="figures?.b ? length(figures.b.tolerance) : ''"
              :basis="figures?.b?.basis ?? 'measure the socket'"
            />
          </div>
          <FacingEnds v-if="pipes" class="my-3" :a="pipes.a" :b="pipes.b" :chain="shown" :depths="depths" />
          <div class="grid gap-3 sm:grid-cols-2">
            <div>
              <div class="label">Old pipe</div>
              <p>{{ pipes?.a.label ?? 'not told yet: see Survey' }}</p>
            </div>
            <LazyPipePicker label="New pipe" :model-value="current.run.pipe" @update:model-value="setPipe" />
            <Choice
              label="Service"
              :items="serviceItems"
              :model-value="current.run.service"
              @update:model-value="(service) => change(setRun(job, current!.run.id, { service }))"
            />
          </div>
          <PlaceForm class="mt-3" :place="place" @change="setPlace" />
        </section>
        <section aria-label="Fittings and methods">
          <h2 class="heading mb-1">Fittings between the two</h2>
          <p v-if="answer?.none" class="border-l-4 border-(--ui-error) pl-3">{{ answer.none }}</p>
          <ChainList
            v-if="answer"
            :chains="answer.chains"
            :chosen="current.node.chain?.fittings"
            @look="(index) => (looked = index)"
            @choose="choose"
          />
          <h2 class="heading mt-5 mb-1">Methods along the new pipe</h2>
          <MethodTable
            v-if="answer"
            :verdicts="answer.ends.b"
            :chosen="current.run.method"
            :usable="usable"
            @choose="(method) => change(setRun(job, current!.run.id, { method }))"
          />
          <h2 class="heading mt-5 mb-1">Methods on the old pipe</h2>
          <MethodTable v-if="answer" :verdicts="answer.ends.a" :chosen="undefined" />
          <p class="mt-3 text-sm text-muted">
            Local code, the maker’s instructions and a licensed person come before what is said here. Never for gas.
          </p>
        </section>
      </div>
    </template>
  </div>
</template>
