<script setup lang="ts">
import { partLabel, type Part } from '~~/core/catalogue/part'
import type { RecordedPart } from '~/sync/server'
import { useCatalogueStore } from '~/stores/catalogue'

/** The user's own parts: what was measured or read from a maker's sheet, laid over the catalogue. */
const store = useCatalogueStore()
const problems = ref<readonly string[]>([])
const done = ref('')

async function say(sent: ReturnType<typeof store.record>, what: string): Promise<void> {
  const answer = await sent
  problems.value = answer.ok ? [] : answer.problems
  done.value = answer.ok ? what : ''
}
const called = ([part]: readonly Part[]): string => (part ? partLabel(part) : '')
const record = (parts: readonly Part[], what: string) => say(store.record(parts, called(parts)), what)
const withdraw = (part: RecordedPart) =>
  say(store.withdraw(part, called([part])), 'Removed: the figure before it is used again.')
</script>

<template>
  <div class="grid gap-8 xl:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
    <div class="space-y-6">
      <PartForm @record="(parts) => record(parts, 'Saved: every plan uses it from now on.')" />
      <LazyNamedPartForm @record="(parts) => record(parts, 'Saved: every plan uses it from now on.')" />
      <section v-if="problems.length" role="alert" class="border-l-4 border-(--ui-error) pl-3">
        <p v-for="problem in problems" :key="problem">{{ problem }}</p>
      </section>
      <p v-else-if="done" role="status" class="text-(--ui-success)">{{ done }}</p>
    </div>
    <div class="space-y-8">
      <PartList :parts="store.parts" @withdraw="withdraw" />
      <PartFile :parts="store.parts" @record="(parts) => record(parts, `Recorded ${parts.length} from the file.`)" />
    </div>
  </div>
</template>
