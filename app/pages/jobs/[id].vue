<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useJobStore } from '~/stores/job'
import { useLogStore } from '~/stores/log'
import { useRackStore } from '~/stores/rack'
import { newestOf } from '~/sync/newest'

const route = useRoute()
const store = useJobStore()
const id = computed(() => String(route.params.id))
const log = useLogStore()
const progress = useProgress()
const rack = useRackStore()
// One short question tells whether anything is new; only what is gets read.
useRefreshing(async () => {
  const of = id.value
  if (store.id !== of) return
  const newest = await newestOf(of)
  if (store.id !== of) return
  store.hear(newest)
  if (typeof newest === 'string') return
  log.hear(newest)
  rack.hear(of, newest)
})
const problem = ref<keyof typeof words | null>(null)
const title = computed(() => store.job?.title ?? '')
const isPhone = usePhone()
const words = {
  gone: 'There is no such job',
  away: 'Waiting for the server',
  unreadable: 'This job cannot be read',
} as const

let retry: ReturnType<typeof setTimeout> | undefined
async function open(): Promise<void> {
  problem.value = await store.open(id.value)
  if (!problem.value) void log.open(id.value)
  if (problem.value === 'away') retry = setTimeout(() => void open(), 2000)
}
void open()

/** What was chosen place by place does not hold together: one side must be. */
const unsound = ref(false)
async function choose(which: 'mine' | 'theirs' | 'copy'): Promise<void> {
  unsound.value = false
  if (which !== 'copy') return void store.settleConflict(which)
  const copy = await store.saveCopy()
  if (!copy) return
  store.settleConflict('theirs')
  await navigateTo(`/jobs/${copy}/route`)
  await open()
}

/** Printed is the sheet of the step, not its form. */
function onPrintKey(event: KeyboardEvent): void {
  const sheet = sheetOfPath(route.path)
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'p' || !sheet) return
  event.preventDefault()
  void navigateTo({ path: `/jobs/${id.value}/print`, query: { sheet, now: '' } })
}
useEventListener(window, 'keydown', onPrintKey)

function onKey(event: KeyboardEvent): void {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
  if (event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return
  event.preventDefault()
  if (event.shiftKey) store.redo()
  else store.undo()
}
useEventListener(window, 'keydown', onKey)
useHead({ title: () => (title.value ? `${title.value} · Jolvet` : 'Jolvet') })
onBeforeUnmount(() => {
  clearTimeout(retry)
  store.close()
})
</script>

<template>
  <div v-if="store.job && store.plan" class="flex min-h-dvh flex-col">
    <header class="no-print sticky top-0 z-10 border-b border-(--ui-border) bg-(--ui-bg-muted) sm:static">
      <JobHeader />
      <Spine v-if="!isPhone" :progress="progress" :job="id" />
    </header>
    <Teleport v-if="isPhone" defer to="#foot"><Spine :progress="progress" :job="id" bar /></Teleport>
    <ConflictPanel
      v-if="store.status.kind === 'conflict'"
      :mine="store.job"
      :theirs="store.status.theirs"
      :clashes="store.status.clashes"
      :unsound="unsound"
      @settle="(yielded) => (unsound = !store.settleConflict(yielded))"
      @choose="choose"
    />
    <section v-if="store.status.kind === 'invalid'" role="alert" class="border-y-2 border-(--ui-error) p-4">
      <p v-for="field in store.status.fields" :key="field.field">{{ field.field }}: {{ field.problem }}</p>
    </section>
    <section
      v-if="store.status.kind === 'gone'"
      role="alert"
      class="flex flex-wrap items-center gap-3 border-y-2 border-(--ui-warning) p-4"
    >
      <p>This job was deleted elsewhere. Your text is still here.</p>
      <PushButton label="Save it as a new job" color="primary" variant="solid" @click="choose('copy')" />
    </section>
    <main id="main" class="flex-1 p-3 sm:p-4" :class="{ behind: store.isBehind }" :aria-busy="store.isBehind">
      <p v-if="store.isBehind" role="status" class="behind-note">Working out the new figures …</p>
      <!-- As high as the screen from the start: what comes late pushes nothing that is seen. -->
      <div class="step">
        <PartBoundary><NuxtPage /></PartBoundary>
      </div>
      <NextStep :job="id" />
    </main>
  </div>
  <main v-else id="main" class="p-6">
    <TopBar />
    <h1 class="heading">
      {{ problem ? words[problem] : 'Opening …' }}
    </h1>
    <p v-if="problem === 'away'">
      The server does not answer. This page tries again by itself; nothing you typed is lost.
    </p>
    <p v-if="problem === 'unreadable'">
      Its text is complete: download it from the list of jobs, mend it, and open it as a job file.
    </p>
    <p v-if="problem === 'gone' || problem === 'unreadable'">
      <NuxtLink to="/" class="underline">Back to all jobs</NuxtLink>
    </p>
  </main>
</template>
