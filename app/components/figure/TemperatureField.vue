<script setup lang="ts">
import { toCelsius, toFahrenheit } from '~~/core/quantity/temperature'

/** A temperature in the user's units; held in degrees Celsius. */
const props = defineProps<{ label: string; modelValue: number | undefined; least: number; most: number }>()
const emit = defineEmits<{ 'update:modelValue': [celsius: number | undefined] }>()
const { units } = useWords()
const isMetric = computed(() => units.value === 'metric')
const shown = (celsius: number) => (isMetric.value ? celsius : Math.round(toFahrenheit(celsius) * 10) / 10)
const held = (typed: number) => (isMetric.value ? typed : toCelsius(typed))
</script>

<template>
  <NumberField
    :key="units"
    :label="label"
    :unit="isMetric ? '°C' : '°F'"
    :least="shown(props.least)"
    :most="shown(props.most)"
    optional
    :model-value="modelValue === undefined ? undefined : shown(modelValue)"
    @update:model-value="(typed) => emit('update:modelValue', typed === undefined ? undefined : held(typed))"
  />
</template>
