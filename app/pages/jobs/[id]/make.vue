<script setup lang="ts">
import type { PlanJoint } from '~~/core/pipework/planned'
import { useLogStore } from '~/stores/log'
import { useSelectionStore } from '~/stores/selection'

const { store, built: job, plan } = useOpenJob()
const { joints, cardOf, placeOf, whereOf, facingOf, runName, pipeOf } = useJointCards()
const selection = useSelectionStore()
const celsius = useAirTemperature()
const { length, tolerance, trade } = useWords()
const log = useLogStore()
const isToMake = (of: PlanJoint) => !log.state?.joints[of.id]?.made && of.verdict !== 'refuse'
/** The one that was chosen; else the first that is still to be made. */
const joint = computed(
  () => joints.value.find(({ id }) => id === selection.joint) ?? joints.value.find(isToMake) ?? joints.value[0],
)
const card = computed(() => (joint.value ? cardOf(joint.value) : null))
/** What is marked: a spigot or a pipe; a thread is counted by what stands in. */
const markLabels = { thread: 'Goes in', spigot: 'Mark spigot at' } as const
const markLabel = computed(() => {
  const meeting = joint.value?.inner?.meeting
  return meeting ? markLabels[meeting.kind] : 'Mark at'
})
/** A refused joint has no figure to mark by. */
const isRefused = computed(() => joint.value?.verdict === 'refuse')
const along = ref(false)
const tick = useTemplateRef<{ make: () => void }>('tick')
const stopwatch = useTemplateRef<{ stop: () => void }>('stopwatch')
/** The next joint that is not made, on from one of them. */
function goOnFrom(id: string): void {
  const at = joints.value.findIndex((of) => of.id === id)
  const rest = [...joints.value.slice(at + 1), ...joints.value.slice(0, at)]
  const next = rest.find(isToMake)
  if (next) selection.joint = next.id
}
/** After a press the button rests, so that a double tap is one press. */
const rest = 500
const resting = ref(false)
const lastMade = ref('')
function wasMade(id: string): void {
  lastMade.value = id
  stopwatch.value?.stop()
  resting.value = true
  setTimeout(() => (resting.value = false), rest)
  goOnFrom(id)
}
const strip = computed(() => {
  const of = joints.value.find(({ id }) => id === lastMade.value)
  const made = of && log.state?.joints[of.id]?.made
  return of && made ? { joint: of, made } : null
})
function undoLast(): void {
  const { joint: of, made } = strip.value!
  log.write(
    { kind: 'joint-undone', subject: { joint: of.id }, body: { of: made.entry } },
    `joint marked as not made, ${whereOf(of)}`,
  )
  selection.joint = of.id
}
/** Worked along to its end: made, and on to the next. */
async function madeAlong(): Promise<void> {
  along.value = false
  await nextTick()
  tick.value?.make()
}
const planning = ref(false)
function showJoint(id: string): void {
  selection.joint = id
  planning.value = false
}
const depths = computed(() =>
  joints.value.flatMap((of) => {
    if (of.verdict === 'refuse') return []
    const { title, insertion } = cardOf(of)
    return insertion ? [{ label: title, mm: insertion.mm, basis: insertion.basis as string }] : []
  }),
)
</script>

<template>
  <div>
    <TabRow v-if="joint && card && !along" label="What is shown">
      <UButton :aria-pressed="!planning" :active="!planning" @click="planning = false">Joint by joint</UButton>
      <UButton :aria-pressed="planning" :active="planning" @click="planning = true">Plan of work</UButton>
    </TabRow>
    <p v-if="!joint || !card">
      No joints yet: draw a run in <strong>Route</strong>, and a card for each joint stands here.
    </p>
    <LazyWorkAlong
      v-else-if="along"
      :card="card"
      :where="whereOf(joint)"
      :facing="facingOf(joint)"
      :timer="`${store.id}:${joint.id}`"
      @leave="along = false"
      @made="madeAlong"
    />
    <LazyWorkPlan v-else-if="planning" :celsius="celsius ?? 20" @joint="showJoint" />
    <div v-else class="grid gap-6 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
      <section class="order-1 space-y-3 lg:order-2" aria-label="Joint card">
        <div class="flex flex-wrap items-end gap-4">
          <Readout
            v-if="isRefused"
            class="flex-1 basis-60"
            label="Not allowed"
            value="refused"
            basis="by the rules below"
          />
          <Readout
            v-else
            class="flex-1 basis-60"
            :label="markLabel"
            :value="length(joint.insertion)"
            :tolerance="joint.insertionTolerance === null ? '' : tolerance(joint.insertionTolerance)"
            :basis="joint.insertionBasis ?? 'not in the catalogue: measure the socket'"
          />
          <TemperatureField
            label="Temperature here"
            :least="-30"
            :most="50"
            class="w-40"
            :model-value="celsius ?? undefined"
            @update:model-value="(value) => (celsius = value ?? null)"
          />
          <UButton color="primary" variant="solid" :disabled="isRefused" @click="along = true">
            <UIcon name="i-lucide-play" class="size-5" />Work along
          </UButton>
        </div>
        <p v-if="strip" role="status" class="flex flex-wrap items-center gap-3 bg-(--ui-bg-muted) px-2" data-made-strip>
          <span class="flex-1">{{ whereOf(strip.joint) }}: made.</span>
          <UButton label="Undo" variant="link" @click="undoLast" />
        </p>
        <JointTick
          v-if="!isRefused"
          ref="tick"
          :key="`tick ${joint.id}`"
          :joint="joint"
          :state="log.state?.joints[joint.id]"
          :resting="resting"
          @made="wasMade(joint.id)"
        />
        <JointStopwatch
          v-if="!isRefused"
          ref="stopwatch"
          :key="`stopwatch ${joint.id}`"
          :job="store.id"
          :joint="joint.id"
          :made="!isToMake(joint)"
        />
        <ReasonList v-if="isRefused" :reasons="joint.reasons" />
        <JointCardView
          v-else
          :key="joint.id"
          :card="card"
          :pipe="pipeOf(joint)"
          :method="joint.method"
          :slips="joint.slips"
          :reasons="joint.reasons"
          :where="whereOf(joint)"
          :facing="facingOf(joint)"
          :timer="`${store.id}:${joint.id}`"
        />
        <h2 class="heading">{{ trade('Clips') }}</h2>
        <ClipTable :job="job" :plan="plan" />
      </section>
      <section class="order-2 space-y-4 lg:order-1" aria-label="Joints in order">
        <p v-if="log.done" class="font-label text-xl font-semibold" data-done>
          {{ log.done.made }} of {{ log.done.all }} made, {{ log.done.inspected }} inspected
        </p>
        <JointList
          :joints="joints"
          :selected="joint.id"
          :run-name="runName"
          :place-of="placeOf"
          :states="log.state?.joints"
          @select="(id) => (selection.joint = id)"
        />
        <DepthStripPrint :depths="depths" :title="job.title" />
      </section>
    </div>
  </div>
</template>
