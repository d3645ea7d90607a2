<script setup lang="ts">
import { usualRadius } from '~~/core/bend/limits'
import { removeLeg, removeRun, setLeg, setNode, setRun } from '~~/core/job/edit-run'
import type { Job } from '~~/core/job/job'
import { bringToHeight } from '~~/core/route/heights'
import { layOut, turnAt } from '~~/core/route/layout'
import { addRun } from '~~/core/job/new-job'
import { methodIds, methods } from '~~/core/catalogue/method'
import type { PlanCheck } from '~~/core/plan/types'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'
import { useWorkshopStore } from '~/stores/workshop'

const { job, plan, change } = useOpenJob()
const { problem, attempt } = useRouteEdit()
const selection = useSelectionStore()
const run = computed(() => job.value.runs.find(({ id }) => id === selection.run) ?? job.value.runs[0])
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const runPipe = computed(() => own.catalogue.pipe(run.value?.pipe ?? ''))
const { bender } = useBenders(() => runPipe.value?.od ?? 0)
const { wayOf } = useBendWay()
const bendWay = computed(() => (runPipe.value ? wayOf(runPipe.value) : 'bender'))
const bendRadius = computed(() => {
  const inBender = bendWay.value === 'bender' ? bender.value?.radius : undefined
  return inBender ?? (runPipe.value ? usualRadius(runPipe.value, bendWay.value) : undefined)
})
const { entry, press, goTo } = useRouteEntry(run, () => bendRadius.value)

const pieces = computed(() => plan.value.pieces.filter((piece) => piece.run === run.value?.id))
const leg = computed(() => run.value?.legs.find(({ id }) => id === selection.leg) ?? run.value?.legs[0])
const piece = computed(() => pieces.value.find(({ legs }) => leg.value && legs.includes(leg.value.id)))
const pieceOf = computed(() => new Map(pieces.value.flatMap(({ id, legs }) => legs.map((of) => [of, id] as const))))
const node = computed(() => run.value?.nodes.find(({ id }) => id === (selection.node || entry.value?.cursor)))
const cursorNode = computed(() => run.value?.nodes.find(({ id }) => id === entry.value?.cursor))
const checks = computed(() => plan.value.checks.filter((check) => check.run === run.value?.id))
const tools = useTemplateRef<{ openOffset: () => void }>('tools')
useRouteKey('f', () => tools.value?.openOffset())
const chosen = ref<ReadonlySet<string>>(new Set())
/** What is done to several legs is done to these; to the one that is looked at where none is chosen. */
const chosenLegs = computed(() => {
  const legs = run.value?.legs.filter(({ id }) => chosen.value.has(id)).map(({ id }) => id) ?? []
  return legs.length > 0 ? legs : leg.value ? [leg.value.id] : []
})
watch(
  () => run.value?.id,
  () => (chosen.value = new Set()),
)
function choose(id: string): void {
  const next = new Set(chosen.value)
  if (!next.delete(id)) next.add(id)
  chosen.value = next
}
/** By how much the pipe turns at the node in hand; nothing where it does not. */
const cornerAngle = computed(() => {
  if (!run.value || (node.value?.kind !== 'elbow' && node.value?.kind !== 'bend')) return null
  return turnAt(layOut(run.value).arms.get(node.value.id) ?? [])
})
const cornerOpen = ref(false)
/** What is seldom opened is not drawn until it is. */
const runOpen = ref(false)
const legOpen = ref(false)
/** The two pipes that meet at the node in hand, where they differ. */
const changing = computed(() => {
  const [arriving, onwards, more] =
    run.value?.legs.filter(({ from, to }) => from === node.value?.id || to === node.value?.id) ?? []
  if (!arriving || !onwards || more || node.value?.kind === 'tie-in') return null
  const [from, to] = [arriving, onwards].map((of) => own.catalogue.pipe(of.pipe ?? run.value!.pipe))
  return from && to && from.id !== to.id ? { from, to } : null
})
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
/** Upright legs follow where they can; where they cannot, the height is kept, and the checks say what it lacks. */
function setHeight(height: number | undefined): void {
  const [runId, nodeId] = [run.value?.id, node.value?.id]
  if (!runId || !nodeId) return
  const fix = (of: Job) => setNode(of, runId, nodeId, { height })
  if (height === undefined || !attempt((of) => bringToHeight(of, runId, nodeId, height))) change(fix(job.value))
}
/** The search for what joins two pipes is fetched when a pipe is changed. */
async function setPipe(pipe: string): Promise<void> {
  const [runId, legId] = [run.value?.id, leg.value?.id]
  if (!runId || !legId) return
  const { changePipe } = await import('~~/core/plan/change-pipe')
  attempt((of) => changePipe(own.catalogue, of, runId, legId, pipe, workshop.costs))
}
/** A dimension that was pressed is typed anew in its leg's field. */
async function retype(id: string): Promise<void> {
  selectLeg(id)
  await nextTick()
  const field = document.querySelector<HTMLInputElement>('[aria-label="Legs"] input')
  field?.focus()
  field?.select()
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
        <RouteDrawing
          :run="run"
          :leg="leg?.id ?? ''"
          :chosen="chosen"
          :node="node?.id ?? ''"
          :piece-of="pieceOf"
          @leg="selectLeg"
          @node="goTo"
          @length="retype"
        />
        <EntryPad v-if="entry" :entry="entry" :at="`${cursorNode?.kind ?? ''} ${entry.cursor}`" @press="press" />
      </section>
      <section class="space-y-4" aria-label="Legs, node, checks">
        <LegList
          :run="run"
          :pieces="pieces"
          :leg="leg?.id ?? ''"
          :chosen="chosen"
          @select="selectLeg"
          @choose="choose"
          @change="(id, part) => change(setLeg(job, run!.id, id, part))"
          @remove="(id) => change(removeLeg(job, run!.id, id))"
        />
        <LazyRouteTools
          v-if="node"
          ref="tools"
          :run="run"
          :plan="plan"
          :node="node"
          :leg="leg"
          :chosen="chosenLegs"
          :bend-radius="bendRadius"
          @go="goTo"
        />
        <CheckList v-if="checks.length" :checks="checks" @go="go" />
        <NodeEditor
          v-if="node"
          :key="run.id"
          :node="node"
          :run-method="run.method"
          @change="(part) => change(setNode(job, run!.id, node!.id, part))"
          @height="(mm) => setHeight(mm)"
        />
        <details v-if="cornerAngle" @toggle="(event) => (cornerOpen = (event.target as HTMLDetailsElement).open)">
          <summary class="label min-h-11 cursor-pointer pt-2 text-base">Bend or elbow here?</summary>
          <LazyCornerTable
            v-if="cornerOpen && runPipe && node && bendRadius"
            :pipe="runPipe"
            :angle="cornerAngle"
            :radius="node.radius ?? bendRadius"
            :way="bendWay"
            :prefer="run.method"
          />
        </details>
        <LazyTransitionPick
          v-if="node && changing"
          :run="run"
          :node="node"
          :from="changing.from"
          :to="changing.to"
          @change="change"
        />
        <details v-if="leg" @toggle="(event) => (legOpen = (event.target as HTMLDetailsElement).open)">
          <summary class="label min-h-11 cursor-pointer pt-2 text-base">Leg {{ leg.id }}: its pipe</summary>
          <div v-if="legOpen" class="grid gap-3">
            <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
            <LazyPipePicker
              label="Pipe of this leg and what hangs on it"
              :model-value="leg.pipe ?? run.pipe"
              @update:model-value="setPipe"
            />
          </div>
        </details>
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
