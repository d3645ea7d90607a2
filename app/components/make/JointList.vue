<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { JointAtTurn } from '~~/core/assembly/joints-in-order'
import type { PlanJoint } from '~~/core/pipework/planned'
import type { SiteState } from '~~/core/log/site-state'

/** The joints in the order of work, each with its verdict. */
defineProps<{
  joints: readonly JointAtTurn[]
  selected: string
  runName: (id: string) => string
  placeOf: (joint: PlanJoint) => string
  states: SiteState['joints'] | undefined
}>()
const emit = defineEmits<{ select: [id: string] }>()
const { methodFitting } = useMethods()
const sizeOf = ({ pipe, inner }: PlanJoint): string =>
  inner?.meeting.kind === 'thread'
    ? `${inner.meeting.male.size} ${inner.meeting.male.system}`
    : (shippedCatalogue.pipe(pipe)?.nominal ?? '')
</script>

<template>
  <ol class="ruled border-y border-(--ui-border)" aria-label="Joints">
    <li
      v-for="({ joint, phase }, turn) in joints"
      :key="joint.id"
      :class="joint.id === selected ? 'bg-(--ui-bg-muted)' : ''"
    >
      <p v-if="phase && phase !== joints[turn - 1]?.phase" class="heading bg-(--ui-bg) pt-3">{{ phaseWords[phase] }}</p>
      <PushButton
        variant="ghost"
        class="grid w-full grid-cols-[2rem_1fr_auto] gap-2 px-1 text-left whitespace-normal"
        :aria-pressed="joint.id === selected"
        @click="emit('select', joint.id)"
      >
        <span class="label">{{ joint.number }}</span>
        <span>
          {{ sizeOf(joint) }} {{ methodFitting(joint.method) }}, {{ placeOf(joint) }}
          <span class="block text-sm text-muted">{{ runName(joint.run) }}</span>
        </span>
        <span v-if="states?.[joint.id]?.made" class="flex items-center gap-1 font-semibold text-(--ui-success)">
          <UIcon
            :name="states[joint.id]!.inspected?.sound ? 'i-lucide-check-check' : 'i-lucide-check'"
            class="size-5"
          />
          {{ states[joint.id]!.inspected ? (states[joint.id]!.inspected!.sound ? 'inspected' : 'not OK') : 'made' }}
        </span>
        <VerdictMark v-else :verdict="joint.verdict" />
      </PushButton>
    </li>
  </ol>
</template>
