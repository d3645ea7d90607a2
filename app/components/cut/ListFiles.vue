<script setup lang="ts">
import type { Bar } from '~~/core/cut/stock'
import { bringTable, cutTable } from '~~/core/record/lists'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** The cut list and what to bring as files: CSV for each, both in one workbook and on paper. */
const props = defineProps<{ laid: ReadonlyMap<string, readonly Bar[]> }>()
const { job, plan } = useOpenJob()
const { say } = useWords()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const words = computed(() => ({ units: job.value.units, say: say.value, prices: workshop.workshop.prices ?? {} }))
const pipeWords = (id: string) => own.catalogue.pipe(id)?.label ?? id
const cut = () => cutTable(plan.value, pipeWords, words.value)
const bring = () => bringTable(plan.value, props.laid, words.value)
const { csv, xlsx, pdf, problem } = useListFiles(() => job.value.title)
</script>

<template>
  <div class="no-print flex flex-wrap gap-1" role="group" aria-label="Lists as files">
    <PushButton variant="ghost" icon="i-lucide-download" @click="csv(cut())">Cut list, CSV</PushButton>
    <PushButton variant="ghost" icon="i-lucide-download" @click="csv(bring())">What to bring, CSV</PushButton>
    <PushButton variant="ghost" icon="i-lucide-download" @click="xlsx('lists', [cut(), bring()])"
      >Both, XLSX</PushButton
    >
    <PushButton variant="ghost" icon="i-lucide-download" @click="pdf('lists', [cut(), bring()])">Both, PDF</PushButton>
    <p v-if="problem" role="alert" class="w-full text-(--ui-error)">{{ problem }}</p>
  </div>
</template>
