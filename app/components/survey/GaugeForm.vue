<script setup lang="ts">
import type { Observation } from '~~/core/job/observation'
import { gaugeSizes } from '~~/core/survey/gauge-sizes'

/** A go/no-go gauge of a size: it goes on, or it does not. */
const emit = defineEmits<{ observe: [seen: Observation] }>()
const size = ref('')
const { units, diameter } = useWords()
const sizes = computed(() => gaugeSizes(units.value))
const items = computed(() => sizes.value.map(({ name, mm }) => ({ value: name, label: `${name} (${diameter(mm)})` })))
function take(fits: boolean): void {
  const gauge = sizes.value.find(({ name }) => name === size.value)
  if (gauge) emit('observe', { kind: 'gauge', mm: gauge.mm, fits })
}
</script>

<template>
  <div class="flex flex-wrap items-end gap-2">
    <Choice v-model="size" label="Size gauge" :items="items" placeholder="which size" class="min-w-44 flex-1" />
    <PushButton :disabled="size === ''" @click="take(true)">It goes on</PushButton>
    <PushButton :disabled="size === ''" @click="take(false)">It does not</PushButton>
    <WhyNot :wants="size === '' ? 'Choose the size first.' : ''" />
  </div>
</template>
