<script setup lang="ts">
import { download as downloadFile } from '~/saving/download'

/** Everything as one file, out and back in. What is here is downloaded before anything takes its place. */
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const chosen = shallowRef<File | null>(null)
const state = ref<'idle' | 'working' | 'in use' | 'done'>('idle')
const problem = ref('')

function download(): void {
  const link = document.createElement('a')
  link.href = '/api/backup'
  link.download = ''
  link.click()
}

async function putBack(replace: boolean): Promise<void> {
  if (!chosen.value) return
  state.value = 'working'
  problem.value = ''
  const response = await fetch(`/api/backup${replace ? '?replace=yes' : ''}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/gzip' },
    body: chosen.value,
  }).catch(() => null)
  if (response?.ok) {
    state.value = 'done'
    return
  }
  state.value = response?.status === 409 ? 'in use' : 'idle'
  if (state.value === 'in use') return
  const { message } = (await response?.json().catch(() => null)) ?? {}
  problem.value = message ?? 'The server or its database does not answer; nothing was restored.'
}

function onFile(): void {
  chosen.value = chooser.value?.files?.[0] ?? null
  if (chooser.value) chooser.value.value = ''
  void putBack(false)
}

/** What is here is in hand as a whole before it goes. */
async function replaceAll(): Promise<void> {
  const response = await fetch('/api/backup').catch(() => null)
  const whole = response?.ok ? await response.blob().catch(() => null) : null
  if (!whole) {
    problem.value = 'What is here could not be downloaded; nothing was restored.'
    return
  }
  downloadFile('jolvet-before-put-back.gz', 'application/gzip', whole)
  await putBack(true)
}
</script>

<template>
  <details class="mt-6">
    <summary class="opens flex min-h-11 cursor-pointer items-center font-semibold">Backup</summary>
    <div class="space-y-3 pb-3">
      <p class="max-w-2xl">
        All jobs, parts, prices, the rack and minutes in one file. A backup is also made every night where Jolvet runs.
      </p>
      <div class="flex flex-wrap gap-3">
        <PushButton label="Download everything" icon="i-lucide-download" @click="download" />
        <PushButton
          label="Restore backup"
          icon="i-lucide-upload"
          :loading="state === 'working'"
          @click="chooser?.click()"
        />
        <input ref="chooser" type="file" accept=".gz" class="hidden" aria-label="Backup file" @change="onFile" />
      </div>
      <div v-if="state === 'in use'" role="alertdialog" aria-label="Replace all?" class="space-y-2">
        <p>
          There are jobs here already. Restoring {{ chosen?.name }} replaces all of them, for everyone. They are
          downloaded as a file first.
        </p>
        <div class="flex flex-wrap gap-3">
          <PushButton label="Download it, then replace all" color="error" @click="replaceAll" />
          <PushButton label="Keep what is here" @click="state = 'idle'" />
        </div>
      </div>
      <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
      <p v-else-if="state === 'done'" role="status" class="text-(--ui-success)">Restored.</p>
    </div>
  </details>
</template>
