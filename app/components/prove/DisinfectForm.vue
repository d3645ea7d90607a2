<script setup lang="ts">
import { useLogStore } from '~/stores/log'

/** Drinking water's pipe disinfected: what with, how much, how long it stood, what was left at the far outlet. */
const { profile, isDone } = useCommissioning()
const log = useLogStore()
const dose = ref('')
const mgPerLitre = ref<number | undefined>()
const minutes = ref<number | undefined>()
const residual = ref<number | undefined>()
const wants = computed(() => {
  if (log.who.trim() === '') return 'Type your name first.'
  const isWhole = dose.value.trim() && mgPerLitre.value !== undefined && minutes.value !== undefined
  return isWhole && residual.value !== undefined ? '' : 'Type what with, the dose, the minutes and what was left.'
})
function save(): void {
  if (wants.value || mgPerLitre.value === undefined || minutes.value === undefined || residual.value === undefined)
    return
  const body = { with: dose.value.trim(), mgPerLitre: mgPerLitre.value, minutes: minutes.value }
  log.write(
    { kind: 'disinfected', subject: {}, body: { ...body, residual: residual.value, rinsed: true } },
    'disinfected',
  )
  dose.value = ''
  for (const field of [mgPerLitre, minutes, residual]) field.value = undefined
}
</script>

<template>
  <details :open="profile.disinfect === 'asked'">
    <summary class="min-h-11 cursor-pointer py-2">
      Disinfection<template v-if="isDone('disinfected')">: done</template>
    </summary>
    <form class="flex flex-wrap items-end gap-3" aria-label="Disinfection" @submit.prevent="save">
      <TextField v-model="dose" label="Disinfected with" class="w-40" :maxlength="120" />
      <NumberField v-model="mgPerLitre" label="Dose" unit="mg/l" class="w-28" :least="0.1" :most="1000" optional />
      <NumberField v-model="minutes" label="Stood" unit="min" class="w-28" :least="1" :most="10080" optional />
      <NumberField
        v-model="residual"
        label="Left at the far outlet"
        unit="mg/l"
        class="w-36"
        :least="0"
        :most="1000"
        optional
      />
      <PushButton type="submit" :disabled="wants !== ''" label="Disinfected and rinsed" />
      <WhyNot :wants="wants" />
    </form>
    <p class="text-sm text-muted">
      Nobody drinks or washes until it is rinsed out. Gloves and goggles; never mixed with any other cleaner. Local code
      says whether, with what and how long.
    </p>
  </details>
</template>
