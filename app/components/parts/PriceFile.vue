<script setup lang="ts">
import type { ReadPrices } from '~~/core/workshop/own-prices'
import { useWorkshopStore } from '~/stores/workshop'

/** The merchant's own prices and order codes, from a CSV file: what it would set is shown first. */
const store = useWorkshopStore()
const { units } = useWords()
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const preview = shallowRef<ReadPrices | null>(null)
const set = computed(() => Object.keys(store.workshop.prices ?? {}).length)
const setWords = computed(() =>
  set.value === 0
    ? 'None of your own yet'
    : `${set.value === 1 ? 'One item has' : `${set.value} items have`} your price or code`,
)
/** A file of more is no price list. */
const mostBytes = 1_000_000

async function read(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (!file) return
  const { readPricesCsv } = await import('~/saving/prices-csv')
  preview.value =
    file.size > mostBytes
      ? { prices: {}, rows: [], problems: [{ line: 1, problem: 'a price list is at most 1 MB' }] }
      : readPricesCsv(await file.text(), units.value)
  if (chooser.value) chooser.value.value = ''
}
function take(): void {
  const found = Object.entries(preview.value?.prices ?? {})
  store.setAll(
    found.map(([item, value]) => ({ path: ['prices', item], value })),
    'a price list',
  )
  preview.value = null
}
</script>

<template>
  <section aria-label="Merchant’s prices" class="space-y-2">
    <h2 class="heading">Merchant’s prices and order codes</h2>
    <p class="max-w-3xl">
      Write <em>What to bring</em> as CSV under Cut, add columns <strong>price</strong> and <strong>code</strong>, and
      read it here. Prices are of one; of pipe, {{ units === 'metric' ? 'of a metre' : 'of a foot' }}. They are used
      before the figures above, and the codes stand in the lists.
    </p>
    <div class="flex flex-wrap items-center gap-3">
      <PushButton icon="i-lucide-upload" label="Read a price list" @click="chooser?.click()" />
      <input ref="chooser" type="file" accept=".csv,text/csv" class="hidden" aria-label="Price list" @change="read" />
      <span data-set>{{ setWords }}</span>
      <PushButton v-if="set > 0" variant="ghost" label="Remove all" @click="store.set(['prices'], null)" />
    </div>
    <div v-if="preview" aria-live="polite" class="space-y-2">
      <ul v-if="preview.problems.length" role="alert" class="border-l-4 border-(--ui-error) pl-3">
        <li v-for="{ line, problem } in preview.problems" :key="line">
          <strong>Line {{ line }}: </strong>{{ problem }}
        </li>
      </ul>
      <ul class="ruled border-y border-(--ui-border)">
        <li v-for="{ item, price, code } in preview.rows" :key="item" class="flex flex-wrap gap-x-4 py-1.5">
          <span class="min-w-0 flex-1 basis-56">{{ item }}</span>
          <span>{{ code }}</span>
          <strong>{{ price }}</strong>
        </li>
      </ul>
      <div class="flex gap-2">
        <PushButton
          v-if="preview.rows.length"
          color="primary"
          variant="solid"
          :label="`Use these ${preview.rows.length}`"
          @click="take"
        />
        <PushButton label="Leave it" @click="preview = null" />
      </div>
    </div>
  </section>
</template>
