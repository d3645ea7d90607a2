<script setup lang="ts">
import { methods } from '~~/core/catalogue/method'
import { assemblyQuestion } from '~~/core/plan/assembly'
import type { Remedy } from '~~/core/make/assembly/order'
import { obstacleText } from '~~/core/make/assembly/stepwise'
import { schedule } from '~~/core/make/assembly/schedule'
import { formatWait } from '~~/core/quantity/format-duration'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkLogStore } from '~/stores/work-log'
import { useWorkshopStore } from '~/stores/workshop'

/** The plan of work: in which order every joint can be made, what at the bench, how long the water is off. */
const props = defineProps<{ celsius: number }>()
const emit = defineEmits<{ joint: [id: string] }>()
const { store, job, plan } = useOpenJob()
const { length } = useLengthText()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const log = useWorkLogStore()
onMounted(() => log.load(store.id))
const question = computed(() => assemblyQuestion(own.catalogue, job.value, plan.value, workshop.costs, props.celsius))
const { order, failed } = useAssembly(() => question.value)
const joints = computed(() => new Map(question.value.joints.map((joint) => [joint.id, joint])))
const work = computed(() => (order.value?.ok ? schedule(order.value.steps, joints.value, log.minutes) : null))
const unknown = computed(() => question.value.joints.filter((joint) => joint.unknown.length > 0))
const minutes = (value: number) => formatWait(Math.round(value * 60))
const bar = (from: number, to: number) => {
  const whole = work.value?.whole || 1
  return { left: `${(from / whole) * 100}%`, width: `${((to - from) / whole) * 100}%` }
}
const headings = {
  bench: 'At the bench',
  'in place': 'In its place, the water still on',
  'water off': 'Water off',
} as const
const colours = {
  bench: 'bg-(--drawing-pipe)',
  'in place': 'bg-(--ui-success)',
  'water off': 'bg-(--ui-error)',
} as const
const nameOf = (id: string) => joints.value.get(id)?.where ?? id
const methodOf = (id: string) => methods[joints.value.get(id)!.method].name
const changeText = ({ joints: of, changes }: Remedy) =>
  changes[0] === 'wet wrap'
    ? 'Keep what is near the flame in a wet wrap, and say so under the place of the run'
    : `${of.map(nameOf).join(' and ')}: ${of.length > 1 ? 'each ' : ''}a ${changes.join(', or a ')} instead`
const off = computed(() => work.value?.steps.find(({ phase }) => phase === 'water off'))
</script>

<template>
  <section class="space-y-4" aria-label="Plan of work">
    <p v-if="failed" role="alert" class="text-(--ui-error)">The order could not be sought: reload the page.</p>
    <p v-else-if="!order" role="status">Seeking an order …</p>
    <template v-else-if="order.ok && work">
      <div class="grid grid-cols-2 gap-4 sm:grid-cols-3">
        <Readout
          label="Water off for"
          :value="`${work.isLeast ? 'at least ' : ''}${minutes(work.waterOff)}`"
          basis="typical minutes, waits included"
        />
        <Readout label="Water off at" :value="off ? minutes(off.start) : 'never'" basis="from the start of the work" />
        <Readout label="In all" :value="minutes(work.whole)" basis="one pair of hands" />
      </div>
      <p class="text-sm">
        Every step was checked in this order: what goes in has room to, what is screwed on can turn, no flame near
        rubber. At the bench is made what is no longer than {{ length(question.mostCarried) }}, a setting. Water off:
        shut the main valve, open the lowest and a high outlet, bucket under the cut.
      </p>
      <ul v-if="unknown.length" class="space-y-1">
        <li v-for="joint in unknown" :key="joint.id" class="flex items-start gap-2">
          <VerdictMark verdict="caution" />
          <span>{{ joint.where }}: {{ joint.unknown.map(({ text }) => text).join('; ') }}.</span>
        </li>
      </ul>
      <p v-if="log.problem" role="alert" class="text-(--ui-warning)">{{ log.problem }}</p>
      <ol class="ruled">
        <li v-for="(step, index) in work.steps" :key="step.joint">
          <p v-if="index === 0 || step.phase !== work.steps[index - 1]!.phase" class="heading pt-3">
            {{ headings[step.phase] }}
            <span v-if="index === 0" class="label float-right w-26 text-base">It took</span>
          </p>
          <div
            class="grid grid-cols-[2rem_1fr_6.5rem] items-center gap-x-2 lg:grid-cols-[2rem_minmax(0,18rem)_1fr_7rem]"
          >
            <span class="font-label text-lg font-semibold text-(--ui-primary)">{{ index + 1 }}</span>
            <button type="button" class="min-h-11 text-left" @click="emit('joint', step.joint)">
              {{ methodOf(step.joint) }}, {{ nameOf(step.joint) }}
            </button>
            <div
              class="relative order-last col-span-3 h-3 lg:order-none lg:col-span-1"
              :title="`from ${minutes(step.start)} to ${minutes(step.end)}`"
            >
              <span class="absolute h-3" :class="colours[step.phase]" :style="bar(step.start, step.end)" />
              <span
                v-if="step.ready > step.end"
                class="absolute top-1 h-1 bg-(--drawing-faint)"
                :style="bar(step.end, step.ready)"
              />
            </div>
            <NumberField
              :label="`Took, step ${index + 1}`"
              bare
              unit="min"
              optional
              :least="0"
              :most="600"
              :model-value="log.minutes.get(step.joint)"
              @update:model-value="(value) => log.set(step.joint, value)"
            />
          </div>
        </li>
      </ol>
      <p class="text-sm text-muted">
        Thick: hands at work; thin: it waits and you need not. Type what a step really took, and the rest is planned
        anew. Minutes a joint are set under Tools and prices.
      </p>
    </template>
    <template v-else-if="!order.ok">
      <div v-for="{ obstacle, remedies } in order.failures" :key="obstacle.joint" class="space-y-2">
        <p role="alert" class="text-lg font-semibold text-(--ui-error)">
          It cannot be put together as drawn. {{ nameOf(obstacle.joint) }}: {{ obstacleText(obstacle, length) }}.
        </p>
        <p v-if="remedies.length">Any one of these is enough:</p>
        <ul class="list-disc pl-5">
          <li v-for="remedy in remedies" :key="remedy.joints.join() + remedy.changes.join()">
            {{ changeText(remedy) }}
          </li>
        </ul>
        <p v-if="remedies.length === 0">
          No change of up to three joints was found that is enough: put a union into each run between two held ends.
        </p>
      </div>
    </template>
  </section>
</template>
