<script setup lang="ts">
import type { Condition } from '~~/core/job/place'

/** The state of one pipe's end. */
const props = defineProps<{ condition: Condition; of: string }>()
const emit = defineEmits<{ change: [condition: Condition] }>()
const set = (change: Partial<Condition>) => emit('change', { ...props.condition, ...change })
const flags: readonly { key: 'scored' | 'painted' | 'oldSolder' | 'factoryEnd' | 'upstream'; label: string }[] = [
  { key: 'scored', label: 'Scored' },
  { key: 'painted', label: 'Painted' },
  { key: 'oldSolder', label: 'Old solder' },
  { key: 'factoryEnd', label: 'Factory end' },
  { key: 'upstream', label: 'Supply side' },
]
</script>

<template>
  <fieldset class="flex flex-wrap items-end gap-x-5 gap-y-1">
    <legend class="label">End of the {{ of }}</legend>
    <CheckBox
      v-for="{ key, label } in flags"
      :key="key"
      :model-value="condition[key] ?? false"
      :label="label"
      @update:model-value="(on) => set({ [key]: on || undefined })"
    />
    <NumberField
      :label="`Ovality of the ${of}`"
      unit="%"
      :least="0"
      :most="50"
      optional
      class="w-40"
      :model-value="condition.ovality"
      @update:model-value="(ovality) => set({ ovality })"
    />
  </fieldset>
</template>
