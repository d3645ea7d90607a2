<script setup lang="ts">
import { removeLeg, removeRun, setLeg, setNode, setRun } from '~~/core/job/edit-run'
import { addRun } from '~~/core/job/new-job'
import { methodIds, methods } from '~~/core/catalogue/method'
import type { PlanCheck } from '~~/core/plan/types'
import { useSelectionStore } from '~/stores/selection'

const { job, plan, change } = useOpenJob()
const selection = useSelectionStore()
const run = computed(() => job.value.runs.find(({ id }) => id === selection.run) ?? job.value.runs[0])
const { entry, press, goTo } = useRouteEntry(run)

const pieces = computed(() => plan.value.pieces.filter((piece) => piece.run === run.value?.id))
const leg = computed(() => run.value?.legs.find(({ id }) => id === selection.leg) ?? run.value?.legs[0])
const piece = computed(() => pieces.value.find(({ legs }) => leg.value && legs.includes(leg.value.id)))
const pieceOf = computed(() => new Map(pieces.value.flatMap(({ id, legs }) => legs.map((of) => [of, id] as const))))
const node = computed(() => run.value?.nodes.find(({ id }) => id === (selection.node || entry.value?.cursor)))
const cursorNode = computed(() => run.value?.nodes.find(({ id }) => id === entry.value?.cursor))
const checks = computed(() => plan.value.checks.filter((check) => check.run === run.value?.id))
/** What is seldom opened is not drawn until it is. */
const runOpen = ref(false)
const methodItems = methodIds.map((value) => ({ value, label: methods[value].name }))

function startRun(): void {
  const added = addRun(job.value)
  selection.run = added.run
  change(added.job)
}
function go(check: PlanCheck): void {
  if (check.leg) selection.leg = check.leg
  if (check.node) goTo(check.node)
}
function selectLeg(id: string): void {
  selection.leg = id
  const to = run.value?.legs.find((known) => known.id === id)?.to
  if (to) goTo(to)
}
</script>

<template>
  <div>
    <TabRow label="Runs">
      <button
        v-for="item in job.runs"
        :key="item.id"
        type="button"
        class="key"
        :aria-pressed="item.id === run?.id"
        @click="selection.run = item.id"
      >
        {{ item.name }}
      </button>
      <button type="button" class="key" @click="startRun">
        <UIcon name="i-lucide-plus" class="size-4" />Another run
      </button>
    </TabRow>
    <p v-if="!run">
      No run yet. Press <strong>Another run</strong>, then an arrow for the direction, digits for the length, Enter.
    </p>
    <div v-else class="grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
      <section class="flex flex-col gap-3" aria-label="The run as drawn">
        <PieceReadout v-if="piece" :piece="piece" />
        <p v-else class="text-lg">Choose a direction, type the first length, press Enter.</p>
        <div class="h-72 border border-(--ui-border) lg:h-[21rem]">
          <IsoDrawing
            :run="run"
            :leg="leg?.id ?? ''"
            :node="node?.id ?? ''"
            :piece-of="pieceOf"
            @leg="selectLeg"
            @node="goTo"
          />
        </div>
        <EntryPad v-if="entry" :entry="entry" :at="`${cursorNode?.kind ?? ''} ${entry.cursor}`" @press="press" />
      </section>
      <section class="space-y-4" aria-label="Legs, node, checks">
        <LegList
          :run="run"
          :pieces="pieces"
          :leg="leg?.id ?? ''"
          @select="selectLeg"
          @length="(id, mm) => change(setLeg(job, run!.id, id, { length: mm }))"
          @remove="(id) => change(removeLeg(job, run!.id, id))"
        />
        <CheckList v-if="checks.length" :checks="checks" @go="go" />
        <NodeEditor
          v-if="node"
          :key="run.id"
          :node="node"
          :run-method="run.method"
          @change="(part) => change(setNode(job, run!.id, node!.id, part))"
        />
        <details @toggle="(event) => (runOpen = (event.target as HTMLDetailsElement).open)">
          <summary class="label min-h-11 cursor-pointer pt-2 text-base">The run: name, pipe, method</summary>
          <div v-if="runOpen" class="grid gap-3">
            <UFormField label="Name of the run">
              <UInput
                :model-value="run.name"
                class="w-full"
                @update:model-value="(name) => change(setRun(job, run!.id, { name: String(name).slice(0, 120) }))"
              />
            </UFormField>
            <LazyPipePicker
              label="Pipe"
              :model-value="run.pipe"
              @update:model-value="(pipe) => change(setRun(job, run!.id, { pipe }))"
            />
            <Choice
              label="Method"
              :items="methodItems"
              :model-value="run.method"
              @update:model-value="(method) => change(setRun(job, run!.id, { method }))"
            />
            <UButton
              label="Remove this run"
              icon="i-lucide-trash-2"
              color="error"
              variant="outline"
              @click="change(removeRun(job, run.id))"
            />
          </div>
        </details>
      </section>
    </div>
  </div>
</template>
