<script setup lang="ts">
import type { Place } from '~~/core/job/place'

/** What else may bear on a joint: distances, heat, flow, what it must do; each may be left unsaid. */
const props = defineProps<{ place: Place }>()
const emit = defineEmits<{ change: [place: Place] }>()
const set = (change: Partial<Place>) => emit('change', { ...props.place, ...change })

type LengthKey = 'wallDistance' | 'pipeDistance' | 'heatNear' | 'heaterDistance' | 'heatSourceDistance'
const lengths: readonly { key: LengthKey; label: string }[] = [
  { key: 'wallDistance', label: 'Pipe to the wall' },
  { key: 'pipeDistance', label: 'Between two pipes' },
  { key: 'heatNear', label: 'Flame to plastic or a seal' },
  { key: 'heaterDistance', label: 'To a water heater' },
  { key: 'heatSourceDistance', label: 'To a stove or the like' },
]
type ChoiceKey = 'heatOrder' | 'system' | 'stubOut' | 'airTest'
const choices: readonly { key: ChoiceKey; label: string; values: readonly string[] }[] = [
  { key: 'heatOrder', label: 'Near the flame', values: ['soldered first', 'wet-wrapped', 'neither'] },
  { key: 'system', label: 'Pipe, insert and fitting', values: ['one', 'listed', 'mixed'] },
  { key: 'stubOut', label: 'Through a finished wall', values: ['bare', 'fixed'] },
  { key: 'airTest', label: 'Test with compressed air', values: ['planned', 'maker allows'] },
]
const words: Readonly<Record<string, string>> = {
  one: 'of one system',
  mixed: 'of several systems',
  listed: 'listed together',
}
const itemsOf = (values: readonly string[]) => [
  { value: '', label: 'not set' },
  ...values.map((value) => ({ value, label: words[value] ?? value })),
]
const flags: readonly { key: 'oriented' | 'screed' | 'onFlue' | 'solarOrSteam'; label: string }[] = [
  { key: 'oriented', label: 'Must face a set way' },
  { key: 'screed', label: 'In a floor screed' },
  { key: 'onFlue', label: 'On a flue' },
  { key: 'solarOrSteam', label: 'Solar or steam' },
]
</script>

<template>
  <div class="grid grid-cols-2 items-end gap-3 lg:grid-cols-3">
    <LengthField
      v-for="{ key, label } in lengths"
      :key="key"
      :label="label"
      optional
      :limits="{ min: 0, max: 100000 }"
      :model-value="place[key]"
      @update:model-value="(mm) => set({ [key]: mm })"
    />
    <TemperatureField
      label="Water temperature"
      :least="-20"
      :most="250"
      :model-value="place.temperature"
      @update:model-value="(temperature) => set({ temperature })"
    />
    <VolumeField
      a-minute
      label="Flow at full draw"
      :least="0.01"
      :most="1000"
      optional
      :model-value="place.flow"
      @update:model-value="(flow) => set({ flow })"
    />
    <Choice
      v-for="{ key, label, values } in choices"
      :key="key"
      :label="label"
      :items="itemsOf(values)"
      :model-value="place[key] ?? ''"
      @update:model-value="(value) => set({ [key]: value === '' ? undefined : value })"
    />
    <CheckBox
      v-for="{ key, label } in flags"
      :key="key"
      :model-value="place[key] ?? false"
      :label="label"
      @update:model-value="(on) => set({ [key]: on || undefined })"
    />
    <CheckBox
      :model-value="place.inLine === false"
      label="Out of line with the fitting"
      @update:model-value="(on) => set({ inLine: on ? false : undefined })"
    />
    <CheckBox
      :model-value="place.leadFree === false"
      label="Solder on hand contains lead"
      @update:model-value="(on) => set({ leadFree: on ? false : undefined })"
    />
  </div>
</template>
