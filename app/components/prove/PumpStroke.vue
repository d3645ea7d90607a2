<script setup lang="ts">
import type { TestState } from '~~/core/log/site-state'

/** A stroke of the pump: how much water raised the pressure from where to where. It tells how soft the system is. */
const props = defineProps<{ pumped: TestState['pumped']; disabled: boolean }>()
const emit = defineEmits<{ save: [stroke: { litres: number; from: number; to: number }] }>()
const { say } = useWords()
const litres = ref<number | undefined>()
const from = ref<number | undefined>()
const to = ref<number | undefined>()
const stroke = computed(() =>
  litres.value !== undefined && from.value !== undefined && to.value !== undefined && to.value > from.value
    ? { litres: litres.value, from: from.value, to: to.value }
    : null,
)
const isTurned = computed(() => from.value !== undefined && to.value !== undefined && to.value <= from.value)
</script>

<template>
  <details>
    <summary class="min-h-11 cursor-pointer py-2">
      Pump stroke
      <template v-if="props.pumped">
        : {{ say.volume(props.pumped.litres) }} from {{ say.testPressure(props.pumped.from) }} to
        {{ say.testPressure(props.pumped.to) }}
      </template>
    </summary>
    <form
      class="flex flex-wrap items-end gap-3"
      aria-label="Pump stroke"
      @submit.prevent="stroke && emit('save', stroke)"
    >
      <VolumeField v-model="litres" label="Water pumped in" class="w-36" :least="0.001" :most="1000" />
      <TestPressureField v-model="from" label="From" class="w-28" :least="0" :most="100" />
      <TestPressureField v-model="to" label="To" class="w-28" :least="0" :most="100" />
      <PushButton type="submit" :disabled="disabled || !stroke" label="Add note" />
      <WhyNot :wants="disabled ? 'Type your name first.' : stroke ? '' : 'Type the water and both pressures.'" />
    </form>
    <p v-if="isTurned" role="alert" class="text-(--ui-error)">To: more than where it began.</p>
  </details>
</template>
