<script setup lang="ts">
import { partLabel, type Part } from '~~/core/catalogue/part'
import type { PartChange, RowProblem } from '~~/core/catalogue/part-rows'
import { fileName } from '~/saving/file-name'
import { download } from '~/saving/download'

/** Parts as a CSV file, out and in: what a file would change is shown before anything is recorded. */
const props = defineProps<{ parts: readonly Part[] }>()
const emit = defineEmits<{ record: [parts: Part[]] }>()
const { length, trade, units } = useWords()
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const preview = shallowRef<{
  name: string
  changes: readonly PartChange[]
  problems: readonly RowProblem[]
} | null>(null)
const taken = computed(() => preview.value?.changes.filter(({ kind }) => kind !== 'same') ?? [])
const mostBytes = 1_000_000

async function write(): Promise<void> {
  const { partsCsv } = await import('~/saving/parts-csv')
  download(fileName('Jolvet', 'own parts', 'csv'), 'text/csv', partsCsv(props.parts, units.value))
}
async function read(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (!file) return
  const tooLarge = file.size > mostBytes
  const { readPartsCsv } = await import('~/saving/parts-csv')
  preview.value = {
    name: file.name,
    ...(tooLarge
      ? { changes: [], problems: [{ line: 0, problem: 'a parts file is at most 1 MB' }] }
      : readPartsCsv(await file.text(), props.parts)),
  }
  if (chooser.value) chooser.value.value = ''
}
function take(): void {
  emit(
    'record',
    taken.value.map(({ part }) => part),
  )
  preview.value = null
}
</script>

<template>
  <section aria-label="Parts file">
    <h2 class="heading mb-1">As a CSV file</h2>
    <div class="flex flex-wrap gap-2">
      <PushButton @click="write"> <UIcon name="i-lucide-download" class="size-5" />Write all </PushButton>
      <PushButton @click="chooser?.click()"> <UIcon name="i-lucide-upload" class="size-5" />Read a file </PushButton>
      <input ref="chooser" type="file" accept=".csv,text/csv" class="hidden" aria-label="Parts file" @change="read" />
    </div>
    <div v-if="preview" class="mt-3" aria-live="polite">
      <p class="font-semibold">
        {{ preview.name }}: {{ taken.length }} to record, {{ preview.changes.length - taken.length }} the same as now,
        {{ preview.problems.length }} not accepted
      </p>
      <ul v-if="preview.problems.length" role="alert" class="my-2 border-l-4 border-(--ui-error) pl-3">
        <li v-for="{ line, problem } in preview.problems" :key="line">
          <strong v-if="line">Line {{ line }}: </strong>{{ problem }}
        </li>
      </ul>
      <ul v-if="taken.length" class="ruled my-2 border-y border-(--ui-border)">
        <li v-for="change in taken" :key="change.line" class="flex flex-wrap gap-x-4 py-1.5">
          <span class="min-w-0 flex-1 basis-56">{{ partLabel(change.part) }}</span>
          <span>
            <template v-if="change.before">{{ length(change.before.mm) }} → </template>
            <strong>{{ length(change.part.mm) }}</strong> {{ change.kind }}
          </span>
        </li>
      </ul>
      <div class="flex gap-2">
        <PushButton v-if="taken.length" color="primary" variant="solid" @click="take">
          Record these {{ taken.length }}
        </PushButton>
        <PushButton @click="preview = null">Leave it</PushButton>
      </div>
    </div>
    <p v-else class="mt-2 text-sm text-muted">
      {{
        trade(
          'Columns: what (depth, take-off, centre-to-face, or named for a fitting by its name), method, system, size, fitting, end, mm and tolerance_mm (or in and tolerance_in), basis (measured or maker), by, note.',
        )
      }}
    </p>
  </section>
</template>
