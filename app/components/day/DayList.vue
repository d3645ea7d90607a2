<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { listedLength, type ListTable } from '~~/core/record/lists'
import { download } from '~/saving/download'
import { fileName } from '~/saving/file-name'

/** What to bring to all jobs of a day, counted together, and ticked into the van. */
const props = defineProps<{ list: ListTable; day: string }>()
const { length, units } = useWords()
const inVan = useLocalStorage<Record<string, readonly string[]>>('jolvet-in-van', {})
const loaded = computed(() => inVan.value[props.day] ?? [])
const rows = computed(() =>
  props.list.rows.map(([count, what, item, each]) => ({
    key: `${item} ${each}`,
    count,
    what,
    each: typeof each === 'number' ? length(listedLength(each, units.value)) : '',
  })),
)
const left = computed(() => rows.value.filter(({ key }) => !loaded.value.includes(key)).length)
function tick(key: string, isIn: boolean): void {
  const others = loaded.value.filter((of) => of !== key)
  inVan.value = { ...inVan.value, [props.day]: isIn ? [...others, key] : others }
}
async function csv(): Promise<void> {
  const { listCsv } = await import('~/saving/list-files')
  download(fileName(props.day, 'what to bring', 'csv'), 'text/csv', listCsv(props.list))
}
</script>

<template>
  <section aria-label="What to bring">
    <div class="flex flex-wrap items-center gap-3">
      <h2 class="heading mr-auto">What to bring</h2>
      <span>{{ left === 0 ? 'All in the van' : `${left} of ${rows.length} to load` }}</span>
      <UButton class="no-print" variant="ghost" icon="i-lucide-download" @click="csv">CSV</UButton>
    </div>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="{ key, count, what, each } in rows" :key="key">
        <UCheckbox
          class="min-h-11 items-center"
          :model-value="loaded.includes(key)"
          :label="[count, what, each].filter((part) => part !== null && part !== '').join(' · ')"
          @update:model-value="(isIn) => tick(key, isIn === true)"
        />
      </li>
    </ul>
  </section>
</template>
