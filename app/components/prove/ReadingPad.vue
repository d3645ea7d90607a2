<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'

/** The next reading: what the gauge shows, and a thermometer on the pipe where there is one; one press saves both. */
const props = defineProps<{ since: number; last: number | null; disabled: boolean }>()
const emit = defineEmits<{ save: [reading: { seconds: number; bar: number; celsius?: number }] }>()
const bar = ref<number | undefined>()
const celsius = ref<number | undefined>()
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
/** Connect a gauge may be ahead of the clock: what is typed comes after what it sent. */
const seconds = computed(() => Math.max((props.last ?? -1) + 1, Math.round((now.value - props.since) / 1000)))
/** Every minute a reading is asked for. */
const every = 60
const isDue = computed(() => props.last === null || seconds.value - props.last >= every)
const clock = computed(() => `${Math.floor(seconds.value / 60)}:${String(seconds.value % 60).padStart(2, '0')}`)
function save(): void {
  if (bar.value === undefined) return
  emit('save', {
    seconds: seconds.value,
    bar: bar.value,
    ...(celsius.value === undefined ? {} : { celsius: celsius.value }),
  })
  // The next reading is read, not pressed again.
  bar.value = undefined
  celsius.value = undefined
}
</script>

<template>
  <form class="flex flex-wrap items-end gap-3" aria-label="Next reading" @submit.prevent="save">
    <div>
      <div class="label">Since pressurised</div>
      <div class="font-label text-3xl font-semibold" data-clock>{{ clock }}</div>
      <div class="text-sm" :class="isDue ? 'font-semibold text-(--ui-primary)' : 'text-muted'" aria-live="polite">
        {{ isDue ? 'read it now' : 'next within the minute' }}
      </div>
    </div>
    <TestPressureField
      label="Gauge"
      class="w-32"
      :least="0"
      :most="100"
      :model-value="bar"
      @update:model-value="(value) => (bar = value)"
    />
    <TemperatureField
      label="Pipe"
      class="w-32"
      :least="0"
      :most="100"
      :model-value="celsius"
      @update:model-value="(value) => (celsius = value)"
    />
    <PushButton
      type="submit"
      color="primary"
      variant="solid"
      class="min-h-14 px-6 text-xl"
      :disabled="disabled || bar === undefined"
      label="Save reading"
    />
    <WhyNot :wants="disabled ? 'Type your name first.' : bar === undefined ? 'Type what the gauge shows.' : ''" />
  </form>
</template>
