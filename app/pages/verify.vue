<script setup lang="ts">
import type { RecordVerdict } from '~/saving/verify-record'
import { readSigningKey } from '~/sync/server'

/** A record that somebody was handed: whether a letter of it was changed since, and whose key signed it. Nothing is sent. */
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const checked = shallowRef<{ name: string; verdict: RecordVerdict } | null>(null)
const isOver = ref(false)
const own = shallowRef<string | null>(null)
onMounted(async () => {
  own.value = (await readSigningKey())?.key ?? null
})

async function check(file: File | undefined): Promise<void> {
  isOver.value = false
  if (!file) return
  const { verifyRecord } = await import('~/saving/verify-record')
  checked.value = { name: file.name, verdict: verifyRecord(await file.text()) }
}
async function choose(): Promise<void> {
  await check(chooser.value?.files?.[0])
  if (chooser.value) chooser.value.value = ''
}
useHead({ title: 'Check a record · Jolvet' })
</script>

<template>
  <div>
    <header class="border-b border-(--ui-border) bg-(--ui-bg-muted)">
      <TopBar>
        <h1 class="heading mr-auto">Check a record</h1>
        <HelpButtons />
      </TopBar>
    </header>
    <main id="main" class="step mx-auto max-w-3xl space-y-5 p-4">
      <p>
        Were you handed a record as a JSON file? It says here whether a letter was changed since it was sealed, and by
        which key it was signed. The file stays on this machine.
      </p>
      <div
        class="flex min-h-32 flex-col items-center justify-center gap-3 border-2 border-dashed p-4"
        :class="isOver ? 'border-(--ui-primary)' : 'border-(--ui-border-accented)'"
        @dragover.prevent="isOver = true"
        @dragleave="isOver = false"
        @drop.prevent="check($event.dataTransfer?.files[0])"
      >
        <PushButton
          color="primary"
          variant="solid"
          class="min-h-12 px-6 text-lg"
          icon="i-lucide-file-search"
          label="Choose the file"
          @click="chooser?.click()"
        />
        <p class="text-muted">or drop it here</p>
        <input
          ref="chooser"
          type="file"
          accept=".json,application/json"
          class="hidden"
          aria-label="Record file"
          @change="choose"
        />
      </div>
      <RecordVerdictView v-if="checked" :name="checked.name" :verdict="checked.verdict" :own="own" />
    </main>
  </div>
</template>
