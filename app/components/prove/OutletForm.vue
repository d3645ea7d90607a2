<script setup lang="ts">
import { useLogStore } from '~/stores/log'

/** What was measured at an outlet: pressure standing and running, flow, how hot it gets and after how long. */
const { profile, outlets } = useCommissioning()
const log = useLogStore()
const isNamed = computed(() => log.who.trim() !== '')
const at = ref('')
const chosen = computed(() => outlets.value.find(({ id }) => id === at.value) ?? outlets.value[0])
const staticBar = ref<number | undefined>()
const runningBar = ref<number | undefined>()
const litresPerMinute = ref<number | undefined>()
const celsius = ref<number | undefined>()
const seconds = ref<number | undefined>()
const isHot = computed(() => chosen.value?.service !== 'cold')
const isAsked = computed(() => profile.value.outletFlow === 'asked' || profile.value.hotWater === 'asked')
const wants = computed(() => {
  if (!isNamed.value) return 'Type your name first.'
  if (runningBar.value !== undefined && staticBar.value !== undefined && runningBar.value > staticBar.value)
    return 'Running: at most what stands there with nothing running.'
  const all = [staticBar.value, runningBar.value, litresPerMinute.value, celsius.value]
  return all.some((value) => value !== undefined) ? '' : 'Type a pressure, a flow or degrees.'
})

function save(): void {
  if (!chosen.value || wants.value) return
  const { id, name } = chosen.value
  const figures = {
    staticBar: staticBar.value,
    runningBar: runningBar.value,
    litresPerMinute: litresPerMinute.value,
    ...(isHot.value ? { celsius: celsius.value, seconds: seconds.value } : {}),
  }
  log.write({ kind: 'outlet-measured', subject: {}, body: { at: id, where: name, ...figures } }, `measured at ${name}`)
  for (const field of [staticBar, runningBar, litresPerMinute, celsius, seconds]) field.value = undefined
}
</script>

<template>
  <details :open="isAsked">
    <summary class="min-h-11 cursor-pointer py-2">Pressure, flow and hot water at an outlet</summary>
    <form class="flex flex-wrap items-end gap-3" aria-label="Measured at an outlet" @submit.prevent="save">
      <Choice
        v-if="outlets.length > 1"
        label="Outlet"
        class="w-56"
        :items="outlets.map(({ id, name }) => ({ value: id, label: name }))"
        :model-value="chosen?.id ?? ''"
        @update:model-value="(id) => (at = id)"
      />
      <TestPressureField v-model="staticBar" label="Nothing running" class="w-32" :least="0" :most="25" optional />
      <TestPressureField v-model="runningBar" label="Running" class="w-28" :least="0" :most="25" optional />
      <VolumeField v-model="litresPerMinute" label="Flow" class="w-28" :least="0.1" :most="500" a-minute optional />
      <template v-if="isHot">
        <TemperatureField v-model="celsius" label="Gets to" class="w-28" :least="0" :most="100" />
        <NumberField v-model="seconds" label="After" unit="s" class="w-24" :least="0" :most="3600" optional />
      </template>
      <PushButton type="submit" :disabled="wants !== ''" label="Save what was measured" />
      <WhyNot :wants="wants" />
    </form>
    <p v-if="isHot" class="text-sm text-muted">Hot water scalds: let it run into the drain, not over the hand.</p>
  </details>
</template>
