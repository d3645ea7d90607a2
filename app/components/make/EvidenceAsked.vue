<script setup lang="ts">
import { methods } from '~~/core/methods'
import { evidenceWords, type Evidence, type EvidenceId } from '~~/core/log/evidence'
import type { PlanJoint } from '~~/core/pipework/planned'

/** What is asked of a joint: each a yes that somebody presses. What is not pressed was not seen. */
const props = defineProps<{ joint: PlanJoint; asked: readonly EvidenceId[]; modelValue: Evidence }>()
const emit = defineEmits<{ 'update:modelValue': [given: Evidence] }>()
const { say } = useWords()
const { pipeOf } = useJointCards()
const gauges = [
  { value: '', label: 'not gauged' },
  { value: 'goes', label: 'gauge OK' },
  { value: 'does not go', label: 'gauge not OK' },
] as { value: NonNullable<Evidence['gauge']> | ''; label: string }[]
const ticks = computed(() => props.asked.filter((id) => id !== 'gauge' && id !== 'turns'))
const insert = computed(() => methods[props.joint.method].insert(pipeOf(props.joint)))
const label = (id: EvidenceId) =>
  say.value.trade(id === 'insert' && insert.value ? `${insert.value} is in` : evidenceWords[id].ask)
/** Rubbed out, it was not said. */
const set = (part: Evidence) => emit('update:modelValue', { ...props.modelValue, ...part })
</script>

<template>
  <CheckBox
    v-for="id in ticks"
    :key="id"
    :label="label(id)"
    :model-value="modelValue[id] === true"
    @update:model-value="(on) => set({ [id]: on || undefined })"
  />
  <Choice
    v-if="asked.includes('gauge')"
    label="Gauge"
    class="w-44"
    :items="gauges"
    :model-value="modelValue.gauge ?? ''"
    @update:model-value="(gauge) => set({ gauge: gauge || undefined })"
  />
  <NumberField
    v-if="asked.includes('turns')"
    label="Turns given"
    class="w-28"
    optional
    :least="0"
    :most="20"
    :model-value="modelValue.turns"
    @update:model-value="(turns) => set({ turns })"
  />
</template>
