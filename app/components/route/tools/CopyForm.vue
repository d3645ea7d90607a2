<script setup lang="ts">
import type { Job } from '~~/core/job/job'
import { removeLegs } from '~~/core/edit/legs/edit-leg'
import { copyPart, mirrorPart, mirrors, type Mirror } from '~~/core/edit/runs/part'

/** What is done with the selected legs: copied to the node in hand, mirrored, removed. */
const props = defineProps<{ run: string; legs: readonly string[]; to: string; toWord: string }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { namesIn } = useNames()
const chosen = ref<Mirror | 'none'>('none')
const items = [
  { value: 'none', label: 'as it is' },
  ...mirrors.map((value) => ({ value, label: `mirrored ${value}` })),
] as const
const mirror = computed(() => (chosen.value === 'none' ? undefined : chosen.value))
const copy = () =>
  emit(
    'apply',
    (job) => copyPart(job, randomIds, props.run, { legIds: props.legs, to: props.to, mirror: mirror.value }).job,
  )
const turnOver = () => {
  const [first] = props.legs
  const across = mirror.value
  if (first && across) emit('apply', (job) => mirrorPart(job, props.run, first, across))
}
const remove = () => emit('apply', (job) => removeLegs(job, props.run, props.legs))
</script>

<template>
  <div class="grid grid-cols-2 items-end gap-3" aria-label="Selected legs" role="group">
    <p class="col-span-2 text-sm">
      {{ legs.length }} {{ legs.length === 1 ? 'leg' : 'legs' }} selected: {{ legs.map(namesIn(run).leg).join(', ') }}.
      A copy goes on from {{ toWord }}; select legs by “Select several” over the list.
    </p>
    <Choice label="How" :items="items" :model-value="chosen" @update:model-value="(value) => (chosen = value)" />
    <PushButton :disabled="legs.length === 0" @click="copy">Copy to {{ toWord }}</PushButton>
    <PushButton :disabled="legs.length === 0 || !mirror" @click="turnOver"> Mirror in place </PushButton>
    <PushButton :disabled="legs.length === 0" @click="remove">Remove selected legs</PushButton>
    <WhyNot
      :wants="
        legs.length === 0 ? 'Select a leg first.' : mirror ? '' : 'To mirror in place, choose a mirror under How.'
      "
    />
  </div>
</template>
