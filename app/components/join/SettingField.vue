<script setup lang="ts">
import { settings, type SettingId } from '~~/core/workshop/setting'
import { speedIn, speedOut } from '~~/core/quantity/words/format-water'

/** One setting of a profile, in the form that it asks for. */
const props = defineProps<{ id: SettingId; modelValue: string | number }>()
const emit = defineEmits<{ 'update:modelValue': [value: string | number] }>()
const setting = computed(() => settings[props.id])
const { units } = useWords()
const feet = (metres: number) => Math.round(speedOut(metres) * 100) / 100
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
  <LengthField
    v-else-if="setting.unit === 'mm'"
    :label="setting.label"
    :limits="{ min: setting.least, max: setting.most }"
    :model-value="Number(modelValue)"
    @update:model-value="(mm) => mm !== undefined && emit('update:modelValue', mm)"
  />
  <NumberField
    v-else-if="setting.unit === 'm/s' && units === 'imperial'"
    :label="setting.label"
    unit="ft/s"
    :least="feet(setting.least)"
    :most="feet(setting.most)"
    :model-value="feet(Number(modelValue))"
    @update:model-value="(value) => value !== undefined && emit('update:modelValue', speedIn(value))"
  />
  <NumberField
    v-else
    :label="setting.label"
    :unit="setting.unit === 'uses' || setting.unit === 'C' ? undefined : setting.unit"
    :least="setting.least"
    :most="setting.most"
    :model-value="Number(modelValue)"
    @update:model-value="(value) => value !== undefined && emit('update:modelValue', value)"
  />
</template>
