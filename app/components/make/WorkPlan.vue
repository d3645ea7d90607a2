<script setup lang="ts">
import { drainings, waterInAll } from '~~/core/assembly/draining'
import type { Remedy } from '~~/core/assembly/order'
import { offWithValveFirst } from '~~/core/assembly/valve-first'
import { obstacleMessage } from '~~/core/assembly/stepwise'
import { schedule, type TimedWaterStep } from '~~/core/assembly/schedule'
import { placesCut, waterSteps, waterStepText } from '~~/core/assembly/water-off'
import { profileWith } from '~~/core/workshop/profile'
import { formatWait } from '~~/core/quantity/words/format-duration'
import { withArticle } from '~~/core/quantity/words/trade-words'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkLogStore } from '~/stores/work-log'

/** The plan of work: in which order every joint can be made, what at the bench, how long the water is off. */
defineProps<{ printed?: boolean }>()
const emit = defineEmits<{ joint: [id: string] }>()
const { store, job: drawn, built: job, plan, change } = useOpenJob()
const { length, tell, say } = useWords()
const { methodName } = useMethods()
const own = useCatalogueStore()
const log = useWorkLogStore()
onMounted(() => log.load(store.id))
const { visits, chosen, part, joints: made, question, order, tried, failed, stopped, seek, stop } = useWorkOrder()
const joints = computed(() => new Map(question.value.joints.map((joint) => [joint.id, joint])))
const profile = computed(() => profileWith(job.value.profile, job.value.own?.changes))
const water = computed(() => waterSteps(profile.value, placesCut(made.value), log.minutes, part.value?.visit))
const beside = computed(() => ({ ...water.value, fireWatch: profile.value.fireWatch, pairs: job.value.hands }))
const work = computed(() =>
  order.value?.ok ? schedule(question.value, order.value.steps, log.minutes, beside.value) : null,
)
/** The visits to choose from, and all of them in one. */
const goes = computed(() => [
  { value: '', label: 'all in one go' },
  ...visits.value.map(({ id, on, what }) => ({ value: id, label: what ? `${what}, ${on}` : on })),
])
/** Minutes without water that a proposal must save. */
const worthSaying = 3
const unknown = computed(() => question.value.joints.filter((joint) => joint.unknown.length > 0))
const minutes = (value: number) => formatWait(Math.round(value * 60))
const nameOf = (id: string) => joints.value.get(id)?.where ?? id
const crews = ['one pair of hands', 'two pairs of hands'] as const
type Crew = (typeof crews)[number]
const crew = computed((): Crew => crews[(drawn.value.hands ?? 1) - 1]!)
const setCrew = (value: Crew) => change({ ...drawn.value, hands: value === crews[1] ? 2 : undefined })
const methodOf = (id: string) => methodName(joints.value.get(id)!.method)
const changeText = ({ joints: of, changes }: Remedy) =>
  changes[0] === 'wet wrap'
    ? 'Wet-wrap what is near the flame, and set that for the run'
    : `${of.map(nameOf).join(' and ')}: ${of.length > 1 ? 'each ' : ''}${changes.map(withArticle).join(', or ')} instead`
/** When the water goes off, in minutes from the beginning; null where it stays on. */
const off = computed(() => {
  const { before, steps } = work.value ?? { before: [], steps: [] }
  return before[0]?.start ?? steps.find(({ phase }) => phase === 'water off')?.start ?? null
})
/** With a shut-off at each cut, where that is worth saying. */
const valveFirst = computed(() => {
  if (!order.value?.ok || !work.value) return null
  const minutes = offWithValveFirst(question.value, order.value.steps, log.minutes, beside.value)
  return minutes !== null && work.value.waterOff - minutes >= worthSaying ? minutes : null
})
/** Litres that it takes to fill. */
const whole = computed(() => waterInAll(drainings(own.catalogue, job.value)).litres)
/** The joints, with what is done to the water where it goes off and comes back. */
const lines = computed(() => {
  if (!work.value) return []
  const ofWater = ({ id, kind, start, end }: TimedWaterStep) => ({
    key: id,
    text: say.value.trade(waterStepText(kind)) + (kind === 'refill' ? `: ${say.value.volume(whole.value)}` : ''),
    phase: 'water off' as const,
    joint: '',
    start,
    end,
    ready: end,
  })
  const { before, steps, after } = work.value
  const made = steps.map(({ joint, phase, pair, start, end, ready }) => {
    const by = pair > 1 ? ', the second pair of hands' : ''
    return { key: joint, text: `${methodOf(joint)}, ${nameOf(joint)}${by}`, phase, joint, start, end, ready }
  })
  const first = made.findIndex(({ phase }) => phase === 'water off')
  if (first < 0) return made
  return [...made.slice(0, first), ...before.map(ofWater), ...made.slice(first), ...after.map(ofWater)]
})
</script>

<template>
  <section class="space-y-4" aria-label="Plan of work">
    <template v-if="visits.length">
      <p v-if="printed" class="font-semibold">{{ goes.find(({ value }) => value === chosen)?.label }}</p>
      <Choice v-else v-model="chosen" label="Visit" class="max-w-xs" :items="goes" />
    </template>
    <p v-if="failed" role="alert" class="text-(--ui-error)">No order found: the search failed. Reload the page.</p>
    <p v-else-if="stopped" class="flex flex-wrap items-center gap-3">
      <span>Stopped after {{ tried }} tries with no order found.</span>
      <PushButton label="Search again" class="no-print" @click="seek" />
    </p>
    <p v-else-if="!order" role="status" class="flex flex-wrap items-center gap-3">
      <span>Looking for an order{{ tried ? `, ${tried} tried` : '' }} …</span>
      <PushButton v-if="tried" label="Stop" icon="i-lucide-square" class="no-print" @click="stop" />
    </p>
    <template v-else-if="order.ok && work">
      <div class="grid grid-cols-2 gap-4 sm:grid-cols-3">
        <Readout
          v-if="off === null"
          class="col-span-2"
          label="The water"
          value="stays on"
          basis="nothing of this job is joined to pipe that is there"
        />
        <template v-else>
          <Readout
            label="Water off for"
            :value="`${work.isLeast ? 'at least ' : ''}${minutes(work.waterOff)}`"
            basis="shut, drain, make, set, refill and inspect; typical minutes"
          />
          <Readout label="Water off at" :value="minutes(off)" basis="from the start of the work" />
        </template>
        <Readout
          label="Total"
          :value="minutes(work.whole)"
          :basis="`${crew}${work.fireWatch ? ', the fire watch counted in' : ''}`"
        />
      </div>
      <Choice
        v-if="!printed"
        label="Who works"
        class="max-w-xs"
        :items="crews.map((value) => ({ value, label: value }))"
        :model-value="crew"
        @update:model-value="setCrew"
      />
      <p v-if="work.fireWatch" class="font-semibold" data-fire-watch>
        Fire watch from {{ minutes(work.fireWatch.start) }} to {{ minutes(work.fireWatch.end) }}: someone stays and
        watches. A hot-work permit may ask for longer.
      </p>
      <p v-if="valveFirst !== null" data-valve-first>
        <span class="label mr-2 text-base">Sooner</span>A {{ say.trade('stop valve') }} at each cut, made first: water
        off for {{ minutes(valveFirst) }} instead of {{ minutes(work.waterOff) }}, and the rest behind it.
      </p>
      <p class="text-sm">
        Checked step by step: every pipe has room to go in, every thread can turn, no flame near rubber. On the bench:
        nothing longer than {{ length(question.mostCarried) }}, a setting.
      </p>
      <ul v-if="unknown.length" class="space-y-1">
        <li v-for="joint in unknown" :key="joint.id" class="flex items-start gap-2">
          <VerdictMark verdict="caution" />
          <span
            >{{ joint.where }}: <SpokenText :text="`${joint.unknown.map(({ message }) => tell(message)).join('; ')}.`"
          /></span>
        </li>
      </ul>
      <ol class="ruled">
        <li v-for="(line, index) in lines" :key="line.key">
          <p v-if="index === 0 || line.phase !== lines[index - 1]!.phase" class="heading pt-3">
            {{ phaseWords[line.phase] }}
            <span v-if="index === 0 && !printed" class="label float-right w-26 text-base">It took</span>
          </p>
          <WorkLine
            :number="index + 1"
            v-bind="line"
            :whole="work.whole || 1"
            :opens="line.joint !== ''"
            :took="log.minutes.get(line.key)"
            :printed="printed"
            @open="emit('joint', line.joint)"
            @took="(value) => log.set(line.key, value)"
          />
        </li>
      </ol>
      <p v-if="!printed" class="text-sm text-muted">
        Thick: hands at work. Thin: waiting. Type what a step really took, and the rest is planned again. Minutes a
        joint are set in Tools and prices, minutes for the water in The rules.
      </p>
    </template>
    <template v-else-if="!order.ok">
      <div v-for="{ obstacle, remedies } in order.failures" :key="obstacle.joint" class="space-y-2">
        <p role="alert" class="text-lg font-semibold text-(--ui-error)">
          It cannot be assembled as drawn. {{ nameOf(obstacle.joint) }}:
          <SpokenText :text="`${tell(obstacleMessage(obstacle))}.`" />
        </p>
        <p v-if="remedies.length">Any one of these is enough:</p>
        <ul class="list-disc pl-5">
          <li v-for="remedy in remedies" :key="remedy.joints.join() + remedy.changes.join()">
            {{ changeText(remedy) }}
          </li>
        </ul>
        <p v-if="remedies.length === 0">
          No change of up to three joints solves it: put a union in each run between two fixed ends.
        </p>
      </div>
    </template>
    <WaterPanel v-if="plan.joints.length" :printed="printed" />
  </section>
</template>
