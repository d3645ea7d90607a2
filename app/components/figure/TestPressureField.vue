<script setup lang="ts">
import { testPressureIn, testPressureOut } from '~~/core/quantity/words/format-water'

/** A gauge pressure in the user's units; held in bar. */
const props = defineProps<{
  label: string
  modelValue: number | undefined
  least: number
  most: number
  optional?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [bar: number | undefined] }>()
const { units } = useWords()
const shown = (bar: number) => Math.round(testPressureOut(bar, units.value) * 100) / 100
</script>

<template>
  <NumberField
    :key="units"
    :label="label"
    :unit="units === 'metric' ? 'bar' : 'psi'"
    :least="shown(props.least)"
    :most="shown(props.most)"
    :optional="optional"
    :model-value="modelValue === undefined ? undefined : shown(modelValue)"
    @update:model-value="
      (typed) => emit('update:modelValue', typed === undefined ? undefined : testPressureIn(typed, units))
    "
  />
</template>
