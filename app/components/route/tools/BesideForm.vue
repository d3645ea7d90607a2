<script setup lang="ts">
import { dot } from '~~/core/quantity/vector'
import { axes } from '~~/core/job/kinds'
import type { Axis, Job, Leg, Run } from '~~/core/job/job'
import { services, serviceWords, type Service } from '~~/core/job/place'
import { unitVector } from '~~/core/job/direction'
import { addParallelRun } from '~~/core/edit/runs/parallel-run'
const { trade } = useWords()

/** A run beside this one: hot beside cold, return beside flow. */
const props = defineProps<{ run: Run; legs: readonly Leg[] }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const pairs: Readonly<Record<Service, Service>> = {
  cold: 'hot',
  hot: 'cold',
  recirculation: 'hot',
  'heating-flow': 'heating-return',
  'heating-return': 'heating-flow',
  relief: 'relief',
}
const spacing = ref<number | undefined>(100)
const service = ref<Service>(pairs[props.run.service])
const { word } = useWays()
const chosen = ref<Axis>('up')
const sides = computed(() => {
  const first = props.legs.find(({ run }) => run === props.run.id)
  return axes
    .filter((axis) => first && Math.abs(dot(unitVector(axis), unitVector(first.direction))) < 1e-6)
    .map((value) => ({ value, label: word(value) }))
})
const side = computed(() => sides.value.find(({ value }) => value === chosen.value)?.value ?? sides.value[0]?.value)
const serviceItems = services.map((value) => ({ value, label: serviceWords[value] }))
const ways = { min: 1, max: 5000 }
function add(): void {
  const [mm, towards] = [spacing.value, side.value]
  if (!mm || !towards) return
  emit(
    'apply',
    (job) =>
      addParallelRun(job, randomIds, props.run.id, {
        spacing: mm,
        towards: unitVector(towards),
        change: {
          service: service.value,
          name: `${props.run.name}, ${serviceWords[service.value]}`.slice(0, 120),
        },
      }).job,
  )
}
</script>

<template>
  <form class="grid grid-cols-2 items-end gap-3" aria-label="A run beside this one" @submit.prevent="add">
    <LengthField
      :label="trade('Spacing, centre to centre')"
      :limits="ways"
      :model-value="spacing"
      @update:model-value="(mm) => (spacing = mm)"
    />
    <Choice
      label="On which side of the first leg"
      :items="sides"
      :model-value="side"
      @update:model-value="(axis) => (chosen = axis)"
    />
    <Choice
      label="What flows in it"
      :items="serviceItems"
      :model-value="service"
      @update:model-value="(value) => (service = value)"
    />
    <PushButton type="submit" color="primary" variant="solid" :disabled="!spacing || !side">Add the run</PushButton>
    <WhyNot :wants="!spacing ? 'Type the spacing.' : side ? '' : 'Choose the side.'" />
  </form>
</template>
