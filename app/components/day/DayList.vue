<script setup lang="ts">
import { bringFromVan } from '~~/core/day/van-tables'
import { vanKey } from '~~/core/van/van'
import type { Loaded } from '~~/core/van/van-list'
import { useVanStore } from '~/stores/van'
import { useWorkshopStore } from '~/stores/workshop'

/** What to bring to all jobs of a day, counted together: what of it is in the van, and what is to be got. */
const props = defineProps<{ loaded: readonly Loaded[]; day: string }>()
const { length, units } = useWords()
const { book } = useVanStore()
const workshop = useWorkshopStore()
const rows = computed(() =>
  props.loaded.map((of) => ({
    ...of,
    key: vanKey(of),
    counted: of.ofTin ? '' : `${of.count} ×`,
    each: of.ofTin?.mm ? length(of.ofTin.mm) : of.mm === null ? '' : length(of.mm),
  })),
)
function inVan({ there, promised, missing: lacking }: Loaded): string {
  if (there === 0) return 'none in the van'
  if (promised > 0) return `${there} in the van, ${promised} of them for visits before`
  return lacking === 0 ? 'in the van' : `${there} in the van`
}
const missing = computed(() => props.loaded.filter((of) => of.missing > 0))
const putIn = (of: readonly Loaded[]) =>
  book(of.map(({ item, what, mm, missing: count }) => ({ item, what, mm, count })))
const table = () => bringFromVan(props.loaded, units.value, workshop.workshop.prices ?? {})
const print = () => window.print()
const { csv, xlsx, pdf, problem } = useListFiles(() => props.day)
</script>

<template>
  <section aria-label="What to bring">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="heading mr-auto">What to bring</h2>
      <NuxtLink to="/van" class="no-print inline-flex min-h-11 items-center underline">The van</NuxtLink>
      <PushButton class="no-print" variant="ghost" icon="i-lucide-download" @click="csv(table())">CSV</PushButton>
      <PushButton class="no-print" variant="ghost" icon="i-lucide-download" @click="xlsx('what to bring', [table()])">
        XLSX
      </PushButton>
      <PushButton class="no-print" variant="ghost" icon="i-lucide-download" @click="pdf('what to bring', [table()])">
        PDF
      </PushButton>
      <PushButton class="no-print" variant="ghost" icon="i-lucide-printer" @click="print">Print</PushButton>
    </div>
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
    <div class="mb-2 flex min-h-11 flex-wrap items-center gap-3">
      <p class="font-label text-2xl font-semibold" data-missing>
        {{ missing.length === 0 ? 'All in the van' : `${missing.length} of ${rows.length} to get` }}
      </p>
      <PushButton v-if="missing.length > 1" class="no-print" label="Put all of it in" @click="putIn(missing)" />
    </div>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="of in rows" :key="of.key" class="flex min-h-13 items-center gap-3 py-1">
        <VerdictMark :verdict="of.missing === 0 ? 'fits' : 'caution'" :word="false" />
        <span class="min-w-0 flex-1">
          {{ of.counted }} {{ of.what }}<template v-if="of.each"> · {{ of.each }}</template>
          <span class="block text-sm text-muted">
            {{ inVan(of) }}
          </span>
        </span>
        <PushButton
          v-if="of.missing > 0"
          class="no-print shrink-0"
          variant="outline"
          color="neutral"
          :label="`Put ${of.missing} in`"
          :aria-label="`Put ${of.missing} in the van: ${of.what} ${of.each}`.trim()"
          @click="putIn([of])"
        />
      </li>
    </ul>
  </section>
</template>
