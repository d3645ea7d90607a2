<script setup lang="ts">
import type { InLine } from '~~/core/job/job'
import { nodeWord } from '~~/core/job/node-legs'

/** A part in line of any name: what it is, and how long from end to end. */
const props = defineProps<{ node: string; inLine: InLine | undefined }>()
const emit = defineEmits<{ change: [inLine: InLine | undefined] }>()
const { trade } = useWords()
const id = useId()
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
    <UFormField label="What it is">
      <UInput
        :model-value="inLine?.name ?? ''"
        aria-label="What it is"
        maxlength="60"
        class="w-full"
        placeholder="filter"
        :list="id"
        @change="(event: Event) => setName((event.target as HTMLInputElement).value)"
      />
      <datalist :id="id">
        <option v-for="name in usual" :key="name" :value="trade(name)" />
      </datalist>
    </UFormField>
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
