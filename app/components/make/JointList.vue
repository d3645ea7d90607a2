<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { PlanJoint } from '~~/core/plan/types'

/** The joints in the order of the runs, each with its verdict. */
defineProps<{
  joints: readonly PlanJoint[]
  selected: string
  runName: (id: string) => string
  placeOf: (joint: PlanJoint) => string
}>()
const emit = defineEmits<{ select: [id: string] }>()
const { methodFitting } = useMethods()
const size = (pipe: string) => shippedCatalogue.pipe(pipe)?.nominal ?? ''
</script>

<template>
  <ol class="ruled border-y border-(--ui-border)" aria-label="Joints">
    <li v-for="joint in joints" :key="joint.id" :class="joint.id === selected ? 'bg-(--ui-bg-muted)' : ''">
      <UButton
        variant="ghost"
        class="grid w-full grid-cols-[2rem_1fr_auto] gap-2 px-1 text-left whitespace-normal"
        :aria-pressed="joint.id === selected"
        @click="emit('select', joint.id)"
      >
        <span class="label">{{ joint.number }}</span>
        <span>
          {{ size(joint.pipe) }} {{ methodFitting(joint.method) }}, {{ placeOf(joint) }}
          <span class="block text-sm text-muted">{{ runName(joint.run) }}</span>
        </span>
        <VerdictMark :verdict="joint.verdict" />
      </UButton>
    </li>
  </ol>
</template>
