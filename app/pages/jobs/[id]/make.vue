<script setup lang="ts">
import type { PlanJoint } from '~~/core/pipework/planned'
import { useLogStore } from '~/stores/log'

const { store, built: job, plan } = useOpenJob()
const { cardOf, placeOf, whereOf, facingOf, runName, pipeOf } = useJointCards()
const making = useMaking()
const { inOrder, joints, joint, at, standing, choose, hold, step } = making
const { resting, wasMade, strip, toInspect, inspectAll } = making
const celsius = useAirTemperature()
const { length, tolerance, trade } = useWords()
const log = useLogStore()
const isPhone = usePhone()
const card = computed(() => (joint.value ? cardOf(joint.value) : null))
/** What is marked: a spigot or a pipe; a thread is counted by what stands in. */
const markLabels = { thread: 'Goes in', spigot: 'Mark spigot at' } as const
const markLabel = computed(() => {
  const meeting = joint.value?.inner?.meeting
  return meeting ? markLabels[meeting.kind] : 'Mark at'
})
/** A refused joint has no figure to mark by. */
const isRefused = computed(() => standing.value === 'refused')
const isNamed = computed(() => log.who.trim() !== '')
const along = ref(false)
const tick = useTemplateRef<{ make: () => void; inspect: (sound: boolean) => void }>('tick')
const stopwatch = useTemplateRef<{ stop: () => void }>('stopwatch')
function made(of: PlanJoint): void {
  stopwatch.value?.stop()
  wasMade(of)
}
/** Worked along to its end: made, and on to the next. */
async function madeAlong(): Promise<void> {
  along.value = false
  await nextTick()
  tick.value?.make()
}
const section = useTemplateRef<HTMLElement>('section')
// The next joint's figure comes up with it, however far down the card before was read.
watch(
  () => joint.value?.id,
  async () => {
    await nextTick()
    if ((section.value?.getBoundingClientRect().top ?? 0) < 0) section.value?.scrollIntoView()
  },
)
const planning = ref(false)
function showJoint(id: string): void {
  choose(id)
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
      <PushButton :aria-pressed="!planning" :active="!planning" @click="planning = false">Joint by joint</PushButton>
      <PushButton :aria-pressed="planning" :active="planning" @click="planning = true">Plan of work</PushButton>
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
    <template v-else-if="planning">
      <LazyWorkPlan @joint="showJoint" />
      <LazyJobNotes class="mt-4 max-w-3xl" />
    </template>
    <div v-else class="grid gap-6 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
      <Teleport v-if="isPhone" defer to="#thumb">
        <JointDock
          :number="at + 1"
          :count="joints.length"
          :state="standing"
          :named="isNamed"
          :resting="resting"
          @step="step"
          @make="tick?.make()"
          @inspect="(sound) => tick?.inspect(sound)"
        />
      </Teleport>
      <section
        ref="section"
        class="order-1 scroll-mt-16 space-y-3 lg:order-2"
        aria-label="Joint card"
        @focusin="hold"
        @click.capture="hold"
      >
        <div class="flex items-center gap-1">
          <h2 class="heading flex-1">
            Joint {{ joint.number }}
            <span class="font-normal text-muted">in order: {{ at + 1 }} of {{ joints.length }}</span>
          </h2>
          <template v-if="!isPhone">
            <PushButton aria-label="Joint before" icon="i-lucide-chevron-left" variant="ghost" @click="step(-1)" />
            <PushButton aria-label="Joint after" icon="i-lucide-chevron-right" variant="ghost" @click="step(1)" />
          </template>
        </div>
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
        </div>
        <p v-if="strip" role="status" class="flex flex-wrap items-center gap-3 bg-(--ui-bg-muted) px-2" data-made-strip>
          <span class="flex-1">{{ strip.says }}</span>
          <PushButton label="Undo" :aria-label="`Undo: ${strip.says}`" variant="link" @click="strip.undo()" />
        </p>
        <JointTick
          v-if="!isRefused"
          ref="tick"
          :key="`tick ${joint.id}`"
          :joint="joint"
          :state="log.state?.joints[joint.id]"
          :resting="resting"
          @made="made"
        />
        <JointStopwatch
          v-if="!isRefused"
          ref="stopwatch"
          :key="`stopwatch ${joint.id}`"
          :job="store.id"
          :joint="joint.id"
          :made="standing === 'made' || standing === 'inspected'"
        />
        <div class="flex flex-wrap items-end gap-4">
          <TemperatureField
            label="Temperature here"
            :least="-30"
            :most="50"
            class="w-40"
            :model-value="celsius ?? undefined"
            @update:model-value="(value) => (celsius = value ?? null)"
          />
          <PushButton color="primary" variant="solid" :disabled="isRefused" @click="along = true">
            <UIcon name="i-lucide-play" class="size-5" />Work along
          </PushButton>
        </div>
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
        <div class="flex flex-wrap items-center gap-3">
          <p v-if="log.done" class="basis-full font-label text-xl font-semibold" data-done>
            {{ log.done.made }} of {{ log.done.all }} made, {{ log.done.inspected }} inspected
          </p>
          <PushButton v-if="toInspect.length > 1" :disabled="!isNamed || resting" @click="inspectAll">
            All {{ toInspect.length }} inspected: OK
          </PushButton>
          <WhyNot v-if="toInspect.length > 1" :wants="isNamed ? '' : 'Type your name first.'" />
        </div>
        <JointList
          :joints="inOrder"
          :selected="joint.id"
          :run-name="runName"
          :place-of="placeOf"
          :states="log.state?.joints"
          @select="choose"
        />
        <DepthStripPrint :depths="depths" :title="job.title" />
      </section>
    </div>
  </div>
</template>
