<script setup lang="ts">
import type { BodyOf } from '~~/core/log/known-entry'
import { testPressureIn } from '~~/core/quantity/words/format-water'

/** The gauge that the test is read from: how fine it is, and when it was checked. */
const gauge = defineModel<NonNullable<BodyOf<'test-begun'>['gauge']>>({ required: true })
const { say, units } = useWords()
/** Divisions that gauges have. */
const divisions = { metric: [0.01, 0.02, 0.05, 0.1, 0.2, 0.5], imperial: [0.1, 0.5, 1, 2, 5] }
const items = computed(() => [
  { value: '', label: 'not said' },
  ...divisions[units.value].map((shown) => {
    const bar = testPressureIn(shown, units.value)
    return { value: String(bar), label: say.value.testPressure(bar) }
  }),
])
const set = (of: Partial<typeof gauge.value>) => (gauge.value = { ...gauge.value, ...of })
</script>

<template>
  <fieldset class="flex flex-wrap items-end gap-3">
    <legend class="label">Gauge</legend>
    <Choice
      label="Reads to"
      class="w-36"
      :items="items"
      :model-value="String(gauge.division ?? '')"
      @update:model-value="(v) => set({ division: v === '' ? undefined : Number(v) })"
    />
    <TextField
      :model-value="gauge.name ?? ''"
      label="Which gauge"
      :maxlength="60"
      @update:model-value="(name) => set({ name: name || undefined })"
    />
    <LengthField
      label="Above the lowest pipe"
      class="w-44"
      optional
      :limits="{ min: -200_000, max: 200_000 }"
      :model-value="gauge.above"
      @update:model-value="(above) => set({ above })"
    />
    <TextField
      type="date"
      label="Last checked"
      :model-value="gauge.checkedOn"
      @update:model-value="(on) => set({ checkedOn: on || undefined })"
    />
  </fieldset>
</template>
