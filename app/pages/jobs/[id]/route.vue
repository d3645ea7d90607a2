<script setup lang="ts">
import { nodeDrawn } from '~~/core/job/made-up'
import { systemOf } from '~~/core/job/system'
import { usualRadius } from '~~/core/bend/limits'
import { removeLeg, setLeg } from '~~/core/edit/edit-run'
import { stateGoingOn } from '~~/core/edit/legs/entry'
import { addRun } from '~~/core/edit/new-job'
import type { PlanCheck } from '~~/core/check/rule'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'

keysGoOn()
const { job, built, plan, change } = useOpenJob()
const selection = useSelectionStore()
const run = computed(() => job.value.runs.find(({ id }) => id === selection.run) ?? job.value.runs[0])
/** All that hangs together with the run: it is listed, changed and checked as one. */
const system = computed(() => run.value && systemOf(job.value, run.value.id))
/** The same as it will stand: it is drawn with its short pieces. */
const builtSystem = computed(() => run.value && systemOf(built.value, run.value.id))
const own = useCatalogueStore()
const runPipe = computed(() => own.catalogue.pipe(run.value?.pipe ?? ''))
const { benderFor } = useJobBenders()
const bender = computed(() => (runPipe.value ? benderFor(runPipe.value) : null))
const { methodOf } = useBendingMethod()
const bendingMethod = computed(() => (runPipe.value ? methodOf(runPipe.value) : 'bender'))
const bendRadius = computed(() => {
  const inBender = bendingMethod.value === 'bender' ? bender.value?.radius : undefined
  return inBender ?? (runPipe.value ? usualRadius(runPipe.value, bendingMethod.value) : undefined)
})
const { entry, press, goTo } = useRouteEntry(run, system, () => bendRadius.value)

const isHere = (id: string) => system.value?.runs.some((of) => of.id === id)
const pieces = computed(() => plan.value.pieces.filter((piece) => isHere(piece.run)))
const leg = computed(() => system.value?.legs.find(({ id }) => id === selection.leg) ?? system.value?.legs[0])
const piece = computed(() => pieces.value.find(({ legs }) => leg.value && legs.includes(leg.value.id)))
const pieceOf = computed(() => new Map(pieces.value.flatMap(({ id, legs }) => legs.map((of) => [of, id] as const))))
const node = computed(() => system.value?.nodes.find(({ id }) => id === (selection.node || entry.value?.cursor)))
const { namesIn, runName } = useNames()
const names = computed(() => (run.value ? namesIn(run.value.id) : undefined))
const checks = computed(() => plan.value.checks.filter((check) => isHere(check.run)))
const tools = useTemplateRef<{ openOffset: () => void }>('tools')
useRouteKey('f', () => tools.value?.openOffset())
useRouteKey('g', nameFitting)
// Of a node that takes none it is not wanted any more once another is looked at.
watch(
  () => selection.node,
  () => (selection.wants = null),
  { flush: 'sync' },
)
/** Opens the list of fittings by their names. What is named at an open end is an outlet. */
function nameFitting(): void {
  if (node.value?.kind === 'open' && system.value?.legs.length) press('o')
  selection.wants = 'fitting'
}
const goesOnExisting = computed(
  () => !!system.value && !!entry.value && stateGoingOn(system.value, entry.value) === 'existing',
)
const pressOnPad = (key: string) => (key === 'g' ? nameFitting() : press(key))
const { length, trade } = useWords()
/** What there is to say of a leg that nothing is cut for. */
const legWords = computed(() => {
  if (leg.value?.state === 'existing') return 'is existing pipe: cut only where a fitting goes in.'
  if (leg.value?.state === 'comes out') return 'comes out.'
  const mm = leg.value?.length ?? null
  return mm === null
    ? 'has no pipe: choose by name the fitting that goes straight into the other.'
    : trade(`has no pipe: one fitting goes straight into the other, ${length(mm)} from centre to centre.`)
})
const chosen = ref<ReadonlySet<string>>(new Set())
/** What is done to several legs is done to these; to the one that is looked at where none is chosen. */
const chosenLegs = computed(() => {
  const legs = system.value?.legs.filter(({ id }) => chosen.value.has(id)).map(({ id }) => id) ?? []
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
/** What is seldom opened is not drawn until it is. */
const runOpen = ref(false)
const legOpen = ref(false)
const notesOpen = ref(false)
/** The keys go on with the route, not with what was pressed. */
const { focus: letGo } = useDrawingFocus()
function startRun(): void {
  letGo()
  // It goes on as the run that is looked at, until it is said otherwise.
  const { pipe, method, service } = run.value ?? {}
  const added = addRun(job.value, randomIds, {}, { pipe, method, service })
  selection.run = added.run
  change(added.job)
}
function chooseRun(id: string): void {
  letGo()
  selection.run = id
  selection.leg = system.value?.legs.find((of) => of.run === id)?.id ?? ''
}
function go(check: PlanCheck): void {
  if (check.leg) selectLeg(check.leg)
  if (check.node) goToDrawn(check.node)
}
/** To the node that was drawn where that one stands. */
const goToDrawn = (id: string) => goTo(nodeDrawn(builtSystem.value?.legs ?? [], id))
/** A dimension that was pressed is typed anew in its leg's field. */
function retype(id: string): void {
  selectLeg(id)
  if (selection.leg === id) selection.wants = 'length'
}
function selectLeg(id: string): void {
  const piece = builtSystem.value?.legs.find((known) => known.madeUp && known.id === id)
  // A short piece follows from the fittings that were chosen at its node.
  if (piece) return goToDrawn(piece.from)
  selection.leg = id
  const of = system.value?.legs.find((known) => known.id === id)
  if (!of) return
  selection.run = of.run
  goTo(of.to)
}
</script>

<template>
  <div>
    <TabRow label="Runs">
      <PushButton
        v-for="item in job.runs"
        :key="item.id"
        :aria-pressed="item.id === run?.id"
        :active="item.id === run?.id"
        @click="chooseRun(item.id)"
      >
        {{ runName(item.id) }}
      </PushButton>
      <PushButton @click="startRun"> <UIcon name="i-lucide-plus" class="size-4" />Add run </PushButton>
    </TabRow>
    <p v-if="!run || !system">
      No run yet. Press <strong>Add run</strong>, then an arrow for the direction, digits for the length, Enter.
    </p>
    <div v-else class="grid gap-x-6 gap-y-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
      <section class="flex flex-col gap-3" aria-label="The run as drawn">
        <h2 class="sr-only">The run as drawn</h2>
        <PieceReadout v-if="piece" :piece="piece" />
        <p v-else-if="leg?.state" class="text-lg">
          {{ names?.leg(leg.id) }}
          {{ legWords }}
        </p>
        <p v-else class="text-lg">Press a direction, type the length, press Leg or Enter.</p>
        <RouteDrawing
          :system="builtSystem ?? system"
          :leg="leg?.id ?? ''"
          :chosen="chosen"
          :node="node?.id ?? ''"
          :piece-of="pieceOf"
          @leg="selectLeg"
          @node="goToDrawn"
          @length="retype"
        />
        <EntryPad
          v-if="entry"
          :entry="entry"
          :existing="goesOnExisting"
          :at="names?.node(entry.cursor) ?? ''"
          @press="pressOnPad"
        />
      </section>
      <section class="space-y-4" aria-label="Legs, node, checks">
        <h2 class="sr-only">Legs and fittings</h2>
        <LegList
          :system="system"
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
          :system="system"
          :run="run"
          :plan="plan"
          :node="node"
          :leg="leg"
          :chosen="chosenLegs"
          :bend-radius="bendRadius"
          @go="goTo"
        />
        <CheckList v-if="checks.length" :checks="checks" @go="go" />
        <NodeDetails
          v-if="node"
          :system="system"
          :node="node"
          :pipe="runPipe"
          :bend-radius="bendRadius"
          :bending-method="bendingMethod"
        />
        <details v-if="leg" @toggle="(event) => (legOpen = (event.target as HTMLDetailsElement).open)">
          <summary class="label min-h-11 cursor-pointer pt-2 text-base">
            {{ names?.leg(leg.id) }}: pipe and service
          </summary>
          <LegPipe v-if="legOpen" :system="system" :leg="leg" />
        </details>
        <details @toggle="(event) => (runOpen = (event.target as HTMLDetailsElement).open)">
          <summary class="label min-h-11 cursor-pointer pt-2 text-base">The run: name, pipe, method, place</summary>
          <RunSettings v-if="runOpen" :run="run" />
        </details>
        <details :open="notesOpen" @toggle="(event) => (notesOpen = (event.target as HTMLDetailsElement).open)">
          <summary class="label min-h-11 cursor-pointer pt-2 text-base">Notes on this job</summary>
          <LazyJobNotes v-if="notesOpen" />
        </details>
      </section>
    </div>
  </div>
</template>
