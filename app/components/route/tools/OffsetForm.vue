<script setup lang="ts">
import { dot } from '~~/core/quantity/vector'
import { offset } from '~~/core/bend/offset'
import { axes } from '~~/core/job/kinds'
import type { Axis, Job } from '~~/core/job/job'
import { addOffset, arrivingAt } from '~~/core/edit/legs/add-offset'
import { unitVector } from '~~/core/job/direction'

/** An offset as one entry: how far aside, at what angle, which way, rolled how far, and straight on. */
const props = defineProps<{ job: Job; run: string; from: string; bendRadius: number | undefined }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { length } = useWords()
const entry = ref<{ set?: number; angle: number; roll: number; after?: number; corner: 'elbow' | 'bend' }>({
  angle: 45,
  roll: 0,
  corner: 'elbow',
})
const { word } = useWays()
const chosen = ref<Axis>('up')
const arriving = computed(() => arrivingAt(props.job, props.run, props.from))
const sides = computed(() =>
  axes
    .filter((axis) => arriving.value && Math.abs(dot(unitVector(axis), unitVector(arriving.value))) < 1e-6)
    .map((value) => ({ value, label: word(value) })),
)
const towards = computed(() => sides.value.find(({ value }) => value === chosen.value)?.value ?? sides.value[0]?.value)
const corners = [
  { value: 'elbow', label: 'two elbows' },
  { value: 'bend', label: 'two pulled bends' },
] as const
const travel = computed(() => (entry.value.set ? offset(entry.value.set, entry.value.angle).travel : null))
const ways = { min: 0.5, max: 20_000 }
function add(): void {
  const { set, after, angle, roll, corner } = entry.value
  const aside = towards.value
  if (!set || !after || !aside) return
  emit(
    'apply',
    (job) =>
      addOffset(
        job,
        randomIds,
        { run: props.run, node: props.from },
        {
          set,
          after,
          angle,
          roll,
          corner,
          towards: aside,
          radius: props.bendRadius,
        },
      ).job,
  )
}
</script>

<template>
  <p v-if="!arriving" class="text-muted">Draw a leg to this point first.</p>
  <form v-else class="grid grid-cols-2 gap-3" aria-label="Offset" @submit.prevent="add">
    <LengthField
      label="Offset by"
      optional
      :limits="ways"
      :model-value="entry.set"
      @update:model-value="(mm) => (entry.set = mm)"
    />
    <NumberField
      label="At an angle of"
      unit="°"
      :least="1"
      :most="90"
      :model-value="entry.angle"
      @update:model-value="(value) => value !== undefined && (entry.angle = value)"
    />
    <Choice label="Towards" :items="sides" :model-value="towards" @update:model-value="(axis) => (chosen = axis)" />
    <NumberField
      label="Rolled by"
      unit="°"
      :least="-180"
      :most="180"
      :model-value="entry.roll"
      @update:model-value="(value) => value !== undefined && (entry.roll = value)"
    />
    <LengthField
      label="Straight on after"
      optional
      :limits="ways"
      :model-value="entry.after"
      @update:model-value="(mm) => (entry.after = mm)"
    />
    <Choice
      label="Made with"
      :items="corners"
      :model-value="entry.corner"
      @update:model-value="(corner) => (entry.corner = corner)"
    />
    <p class="self-center text-sm">{{ travel === null ? '' : `Corner to corner ${length(travel)}` }}</p>
    <PushButton type="submit" color="primary" variant="solid" :disabled="!entry.set || !entry.after || !towards"
      >Add the offset</PushButton
    >
    <WhyNot
      :wants="
        !entry.set || !entry.after
          ? 'Type the offset and where it starts.'
          : towards
            ? ''
            : 'Choose the way that it goes.'
      "
    />
  </form>
</template>
