<script setup lang="ts">
import { settings, type SettingId } from '~~/core/job/setting'

/** One setting of a profile, in the form that it asks for. */
const props = defineProps<{ id: SettingId; modelValue: string | number }>()
const emit = defineEmits<{ 'update:modelValue': [value: string | number] }>()
const setting = computed(() => settings[props.id])
const items = computed(() =>
  setting.value.kind === 'choice'
    ? setting.value.values.map((value) => ({ value: value as string, label: value }))
    : [],
)
</script>

<template>
  <Choice
    v-if="setting.kind === 'choice'"
    :label="setting.label"
    :items="items"
    :model-value="String(modelValue)"
    @update:model-value="(value) => emit('update:modelValue', value)"
  />
  <NumberField
    v-else
    :label="setting.label"
    :unit="setting.unit"
    :least="setting.least"
    :most="setting.most"
    :model-value="Number(modelValue)"
    @update:model-value="(value) => value !== undefined && emit('update:modelValue', value)"
  />
</template>
