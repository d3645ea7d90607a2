<script setup lang="ts">
import type { ReadRows } from '~~/core/prove/reading-rows'
import { worthKeeping, type Reading } from '~~/core/prove/readings'
import { formatClock } from '~~/core/quantity/words/format-duration'
import { fileName } from '~/saving/file-name'
import { download } from '~/saving/download'

/** Readings as a CSV file, in and out: what a file holds is shown before anything is written down. */
const props = defineProps<{ readings: readonly Reading[]; name: string; running: boolean; disabled: boolean }>()
const emit = defineEmits<{ take: [readings: Reading[]] }>()
const { say, units } = useWords()
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const preview = shallowRef<(ReadRows & { name: string }) | null>(null)
/** What was read at the same second is there already. */
const fresh = computed(() => {
  const known = new Set(props.readings.map(({ seconds }) => seconds))
  return preview.value?.readings.filter(({ seconds }) => !known.has(seconds)) ?? []
})
/** Far from both neighbours: asked about. */
const odd = computed(() => fresh.value.filter(({ seconds }) => preview.value!.odd.some((of) => of.seconds === seconds)))
/** Of the rows of a logger only as many as tell something. */
const all = computed(() => worthKeeping(fresh.value))
const sure = computed(() => worthKeeping(fresh.value.filter((reading) => !odd.value.includes(reading))))
const mostBytes = 5_000_000

async function write(): Promise<void> {
  const { readingsCsv } = await import('~/saving/readings-csv')
  download(fileName(props.name, 'readings', 'csv'), 'text/csv', readingsCsv(props.readings))
}
async function read(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (!file) return
  const { readReadingsCsv } = await import('~/saving/readings-csv')
  const found =
    file.size > mostBytes
      ? { readings: [], odd: [], problems: [{ line: 0, problem: 'a file of readings is at most 5 MB' }] }
      : readReadingsCsv(await file.text(), units.value)
  preview.value = { name: file.name, ...found }
  if (chooser.value) chooser.value.value = ''
}
function take(readings: readonly Reading[]): void {
  emit('take', [...readings])
  preview.value = null
}
</script>

<template>
  <section class="space-y-2" aria-label="File of readings">
    <div class="flex flex-wrap gap-2">
      <PushButton v-if="running" icon="i-lucide-upload" label="Readings from a CSV file" @click="chooser?.click()" />
      <PushButton v-if="readings.length" icon="i-lucide-download" label="Readings as CSV" @click="write" />
      <input
        ref="chooser"
        type="file"
        accept=".csv,text/csv"
        class="hidden"
        aria-label="Readings file"
        @change="read"
      />
    </div>
    <div v-if="preview" aria-live="polite" class="space-y-2">
      <p class="font-semibold">
        {{ preview.name }}: {{ fresh.length }} to take, {{ preview.readings.length - fresh.length }} there already,
        {{ preview.problems.length }} not accepted<template v-if="all.length < fresh.length"
          >; thinned to {{ all.length }} that tell as much</template
        >
      </p>
      <ul v-if="preview.problems.length" role="alert" class="border-l-4 border-(--ui-error) pl-3">
        <li v-for="{ line, problem } in preview.problems.slice(0, 10)" :key="line">
          <strong v-if="line">Line {{ line }}: </strong>{{ problem }}
        </li>
        <li v-if="preview.problems.length > 10">and {{ preview.problems.length - 10 }} more</li>
      </ul>
      <ul class="ruled border-y border-(--ui-border)">
        <li v-for="{ seconds, bar, celsius } in fresh.slice(0, 5)" :key="seconds" class="flex gap-4 py-1">
          <span class="w-20">{{ formatClock(Math.round(seconds)) }}</span>
          <span>{{ say.testPressure(bar) }}</span>
          <span v-if="celsius !== undefined">{{ say.temperature(celsius) }}</span>
        </li>
        <li v-if="fresh.length > 5" class="py-1 text-muted">and {{ fresh.length - 5 }} more</li>
      </ul>
      <p v-if="odd.length" class="flex items-start gap-2" data-odd>
        <VerdictMark verdict="caution" :word="false" />
        <span
          >Far from the readings beside {{ odd.length === 1 ? 'it' : 'them' }}:
          {{
            odd
              .slice(0, 5)
              .map(({ bar, seconds }) => `${say.testPressure(bar)} at ${formatClock(Math.round(seconds))}`)
              .join(', ')
          }}{{ odd.length > 5 ? ' and more' : '' }}. Was it read so?</span
        >
      </p>
      <div class="flex flex-wrap gap-2">
        <PushButton
          v-if="fresh.length"
          color="primary"
          variant="solid"
          :disabled="disabled"
          :label="`Import ${all.length}`"
          @click="take(all)"
        />
        <PushButton
          v-if="odd.length"
          :disabled="disabled"
          :label="`Import ${sure.length}, without ${odd.length === 1 ? 'that one' : 'those'}`"
          @click="take(sure)"
        />
        <PushButton label="Leave it" @click="preview = null" />
      </div>
    </div>
    <p v-else-if="running" class="text-sm text-muted">
      The first line names the columns: time (seconds, minutes, clock, or date and time), pressure, temperature, with
      units.
    </p>
  </section>
</template>
