<script setup lang="ts">
import { volumeIn, volumeOut } from '~~/core/quantity/words/format-water'

/** A volume in the user's units, or one a minute; held in litres. */
const props = defineProps<{
  label: string
  modelValue: number | undefined
  least: number
  most: number
  optional?: boolean
  aMinute?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [litres: number | undefined] }>()
const { units } = useWords()
const unit = computed(() => (units.value === 'metric' ? 'l' : 'gal') + (props.aMinute ? '/min' : ''))
const shown = (litres: number) => Math.round(volumeOut(litres, units.value) * 1000) / 1000
</script>

<template>
  <NumberField
    :key="units"
    :label="label"
    :unit="unit"
    :least="shown(props.least)"
    :most="shown(props.most)"
    :optional="optional"
    :model-value="modelValue === undefined ? undefined : shown(modelValue)"
    @update:model-value="(typed) => emit('update:modelValue', typed === undefined ? undefined : volumeIn(typed, units))"
  />
</template>
