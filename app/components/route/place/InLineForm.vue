<script setup lang="ts">
import type { InLine } from '~~/core/job/job'
import { nodeWord } from '~~/core/job/node-legs'

/** A part in line of any name: what it is, and how long from end to end. */
const props = defineProps<{ node: string; inLine: InLine | undefined }>()
const emit = defineEmits<{ change: [inLine: InLine | undefined] }>()
const { trade } = useWords()
const usual = ['filter', 'check valve', 'double check valve', 'pressure reducing valve', 'pump', 'meter', 'drain valve']
const limits = { min: 10, max: 2000 }
/** Within how much a rule shows it, in mm. */
const byRule = 1

const say = (part: Partial<InLine>) =>
  emit('change', { name: nodeWord('in-line'), tolerance: byRule, basis: 'measured', ...props.inLine, ...part })
function setName(text: string): void {
  const name = text.trim()
  if (name) say({ name })
  else emit('change', undefined)
}
</script>

<template>
  <div class="grid grid-cols-2 gap-3">
    <TextField
      label="What it is"
      :model-value="inLine?.name"
      maxlength="60"
      placeholder="filter"
      :offers="usual.map((name) => trade(name))"
      @change="setName"
    />
    <LengthField
      label="Its length, end to end"
      optional
      :of="node"
      :limits="limits"
      :model-value="inLine?.length"
      @update:model-value="(length) => say({ length, tolerance: byRule, basis: 'measured' })"
    />
  </div>
</template>
