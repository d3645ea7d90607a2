<script setup lang="ts">
import type { Bar } from '~~/core/cut/stock'
import { bringTable, cutTable, type ListTable } from '~~/core/record/lists'
import { download } from '~/saving/download'
import { fileName } from '~/saving/file-name'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** The cut list and what to bring as files: CSV for each, both in one workbook. */
const props = defineProps<{ laid: ReadonlyMap<string, readonly Bar[]> }>()
const { job, plan } = useOpenJob()
const { say } = useWords()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const words = computed(() => ({ units: job.value.units, say: say.value, prices: workshop.workshop.prices ?? {} }))
const pipeWords = (id: string) => own.catalogue.pipe(id)?.label ?? id
const cut = () => cutTable(plan.value, pipeWords, words.value)
const bring = () => bringTable(plan.value, props.laid, words.value)
async function csv(list: ListTable): Promise<void> {
  const { listCsv } = await import('~/saving/list-files')
  download(fileName(job.value.title, list.title.toLowerCase(), 'csv'), 'text/csv', listCsv(list))
}
async function xlsx(): Promise<void> {
  const { listsXlsx } = await import('~/saving/list-files')
  const file = await listsXlsx([cut(), bring()])
  download(fileName(job.value.title, 'lists', 'xlsx'), file.type, file)
}
</script>

<template>
  <div class="no-print flex flex-wrap gap-1" role="group" aria-label="Lists as files">
    <UButton variant="ghost" icon="i-lucide-download" @click="csv(cut())">Cut list, CSV</UButton>
    <UButton variant="ghost" icon="i-lucide-download" @click="csv(bring())">What to bring, CSV</UButton>
    <UButton variant="ghost" icon="i-lucide-download" @click="xlsx">Both, XLSX</UButton>
  </div>
</template>
