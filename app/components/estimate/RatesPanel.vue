<script setup lang="ts">
import { shippedRates, type Rates } from '~~/core/workshop/rates'
import { ratesOf } from '~~/core/workshop/workshop'
import { useWorkshopStore } from '~/stores/workshop'

/** What a job's estimate is worked out by, beside its joints: for all jobs. */
const store = useWorkshopStore()
const { currency } = useMoney()
const { units, trade } = useWords()
const rates = computed(() => ratesOf(store.workshop))
const fields = computed(() => {
  const money = currency.value
  const perMetre = units.value === 'metric' ? 'A metre of 15 pipe' : 'A metre (39 in) of 1/2 pipe'
  return [
    { key: 'metre', label: perMetre, unit: money, most: 10_000 },
    { key: 'clip', label: trade('A clip'), unit: money, most: 10_000 },
    { key: 'small', label: 'A ring, insert or washer', unit: money, most: 10_000 },
    { key: 'travel', label: 'Travel, a visit', unit: money, most: 10_000 },
    { key: 'travelMinutes', label: 'From one job to the next', unit: 'min', most: 10_000 },
    { key: 'pieceMinutes', label: 'To cut a piece', unit: 'min', most: 10_000 },
    { key: 'clipMinutes', label: trade('To fix a clip'), unit: 'min', most: 10_000 },
    { key: 'hire', label: trade('Tool hire a day, of its price'), unit: '%', most: 100 },
    { key: 'hireFrom', label: trade('Hire tools that cost from'), unit: money, most: 10_000 },
    { key: 'margin', label: 'Margin', unit: '%', most: 100 },
    { key: 'tax', label: 'Tax', unit: '%', most: 100 },
    { key: 'priceSpread', label: 'Prices may be out by', unit: '%', most: 100 },
    { key: 'timeSpread', label: 'Minutes may be out by', unit: '%', most: 100 },
  ] as const satisfies readonly { key: keyof Rates; label: string; unit: string; most: number }[]
})
</script>

<template>
  <section aria-label="Estimates">
    <h2 class="heading">Estimates</h2>
    <div class="flex flex-wrap items-end gap-3">
      <div v-for="{ key, label, unit, most } in fields" :key="key" class="w-48">
        <NumberField
          :label="label"
          :unit="unit"
          :least="0"
          :most="most"
          :model-value="rates[key]"
          @update:model-value="(value) => store.set(['rates', key], value)"
        />
        <PushButton
          v-if="rates[key] !== shippedRates[key]"
          variant="link"
          color="primary"
          class="px-0"
          :label="`yours; back to ${shippedRates[key]}`"
          :aria-label="`Back to the shipped figure: ${label}`"
          @click="store.set(['rates', key], null)"
        />
      </div>
    </div>
  </section>
</template>
