<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { download } from '~/saving/download'
import { downloadJob } from '~/saving/job-file'

const {
  rows,
  unreadable,
  kept,
  deleted,
  next,
  state,
  problems,
  load,
  more,
  create,
  upload,
  duplicate,
  fetchJob,
  remove,
  putBack,
} = useJobList()
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const removing = ref('')
/** The dialog is fetched when it is first asked for. */
const beginning = ref(false)
onMounted(load)
/** What is looked for, and in which order; few jobs need neither. */
const wanted = ref('')
const order = useLocalStorage<'newest' | 'title'>('jolvet-job-order', 'newest')
const orders = [
  { value: 'newest', label: 'Last changed first' },
  { value: 'title', label: 'By title' },
] as const
const shown = computed(() => {
  const found = rows.value.filter(({ title }) => holdsWords(title, wanted.value))
  return order.value === 'title' ? found.toSorted((one, other) => one.title.localeCompare(other.title)) : found
})

async function goTo(made: Promise<string | null>): Promise<void> {
  const id = await made
  if (id) await navigateTo(`/jobs/${id}`)
}
const packages = useJobPackages(problems)
const { asked } = packages
function onFile(): void {
  const file = chooser.value?.files?.[0]
  if (file) void goTo(/\.zip$/i.test(file.name) ? packages.takeIn(file) : upload(file))
  if (chooser.value) chooser.value.value = ''
}
function confirmRemoval(seen: { id: string; version: number }): void {
  void remove(seen)
  removing.value = ''
}
async function downloadOf(id: string): Promise<void> {
  const found = await fetchJob(id)
  if (found && 'job' in found) downloadJob(found.job)
  else if (found) download('unreadable.jolvet.json', 'application/json', found.text)
}
const day = (date: string): string => new Date(date).toLocaleDateString(undefined, { dateStyle: 'medium' })
const questions = [
  { to: '/bench/identify', word: 'What is this pipe?' },
  { to: '/bench/join', word: 'What joins these two?' },
  { to: '/bench/bend', word: 'Where do I bend?' },
  { to: '/bench/card', word: 'How is it made?' },
] as const
useHead({ title: 'Jobs · Jolvet' })
</script>

<template>
  <div class="mx-auto max-w-5xl">
    <header>
      <TopBar>
        <PushButton to="/bench/identify" label="Bench" icon="i-lucide-wrench" variant="ghost" class="ml-auto" />
        <HelpButtons />
        <PushButton to="/settings" icon="i-lucide-settings" variant="ghost" aria-label="Settings" />
      </TopBar>
    </header>
    <main id="main" class="p-4">
      <p class="mb-4 max-w-3xl text-lg">
        Joining water pipe: what it is, what fits it, how long to cut, where to mark, how to make it, whether it is
        tight.
      </p>
      <div class="mb-5 grid gap-4 sm:grid-cols-2">
        <nav aria-label="A quick question">
          <h2 class="heading">A quick question</h2>
          <ul class="ruled border-y border-(--ui-border)">
            <li v-for="{ to, word } in questions" :key="to">
              <NuxtLink :to="to" class="flex min-h-11 items-center justify-between underline-offset-4 hover:underline">
                {{ word }}<UIcon name="i-lucide-chevron-right" class="size-5" />
              </NuxtLink>
            </li>
          </ul>
        </nav>
        <section aria-label="A new job">
          <h2 class="heading">A job</h2>
          <p class="border-t border-(--ui-border) py-2">
            Survey, join, route, cut, make, prove, hand over: each step uses what the one before found.
          </p>
          <div class="flex flex-wrap gap-3">
            <PushButton
              label="New job"
              icon="i-lucide-plus"
              color="primary"
              variant="solid"
              @click="beginning = true"
            />
            <LazyNewJobDialog v-if="beginning" v-model:open="beginning" @create="(job) => goTo(create(job))" />
            <PushButton
              to="/begin"
              label="From an everyday call"
              icon="i-lucide-list-checks"
              variant="outline"
              color="neutral"
            />
            <PushButton
              label="Open a job file"
              icon="i-lucide-upload"
              color="neutral"
              variant="outline"
              @click="chooser?.click()"
            />
          </div>
          <input
            ref="chooser"
            type="file"
            accept=".json,.zip,application/json,application/zip"
            class="hidden"
            aria-label="Job file"
            @change="onFile"
          />
        </section>
      </div>
      <div class="mb-2 flex flex-wrap items-center gap-3">
        <h1 class="heading mr-auto text-3xl!">Jobs</h1>
        <PushButton to="/day" label="Day" icon="i-lucide-calendar-days" variant="outline" color="neutral" />
        <template v-if="rows.length > 3 || wanted">
          <TextField v-model="wanted" bare icon="i-lucide-search" label="Find a job" placeholder="Find a job" />
          <LazyChoice v-model="order" label="Order" bare :items="orders" />
        </template>
      </div>
      <section v-if="problems.length" role="alert" class="mb-4 border-l-4 border-(--ui-error) pl-3">
        <p v-for="problem in problems" :key="problem">{{ problem }}</p>
      </section>
      <LazyPackageQuestion
        v-if="asked"
        :title="asked.title"
        @settle="(how) => goTo(packages.settle(how))"
        @cancel="asked = null"
      />
      <section v-if="state === 'waiting'" class="mb-4">
        <p role="status">Waiting for the server; this page tries again by itself.</p>
        <template v-if="kept.length">
          <h2 class="heading mt-4">On this device</h2>
          <ul class="ruled border-y border-(--ui-border)" aria-label="Jobs on this device">
            <li v-for="{ id, title } in kept" :key="id">
              <NuxtLink :to="`/jobs/${id}`" class="flex min-h-11 items-center underline-offset-4 hover:underline">
                {{ title }}
              </NuxtLink>
            </li>
          </ul>
        </template>
      </section>
      <p v-if="state === 'ready' && rows.length + unreadable.length === 0">
        No jobs yet. Start with <strong>New job</strong>: identify the pipe that is there, and Jolvet tells you what
        joins to it, how long to cut and where to mark.
      </p>
      <ul v-if="unreadable.length" class="mb-4 space-y-3" aria-label="Jobs that cannot be read">
        <li v-for="of in unreadable" :key="of.id" class="border-l-4 border-(--ui-error) pl-3">
          <p class="heading">{{ of.title }}</p>
          <p>
            It cannot be read. Its text is complete: download it, mend it, and open it as a job file. The other jobs are
            fine.
          </p>
          <p v-for="{ field, problem } in of.unreadable.slice(0, 5)" :key="field" class="text-sm">
            {{ field }}: {{ problem }}
          </p>
          <div class="mt-1 flex flex-wrap gap-2">
            <PushButton
              label="Download its text"
              icon="i-lucide-download"
              :aria-label="`Download the text of ${of.title}`"
              @click="downloadOf(of.id)"
            />
            <PushButton
              label="Delete"
              icon="i-lucide-trash-2"
              :aria-label="`Delete ${of.title}`"
              @click="removing = of.id"
            />
          </div>
          <DeleteQuestion
            v-if="removing === of.id"
            first="Its text"
            @delete="confirmRemoval(of)"
            @keep="removing = ''"
          />
        </li>
      </ul>
      <ul v-if="rows.length" class="ruled border-y border-(--ui-border)">
        <JobRow
          v-for="row in shown"
          :key="row.id"
          :row="row"
          :removing="removing === row.id"
          @duplicate="goTo(duplicate(row.id))"
          @download="downloadOf(row.id)"
          @pack="packages.handOut(row.id)"
          @ask="removing = row.id"
          @remove="confirmRemoval(row)"
          @keep="removing = ''"
        />
      </ul>
      <PushButton v-if="next !== null" label="More jobs" icon="i-lucide-chevron-down" class="mt-3" @click="more" />
      <details v-if="deleted.length" class="mt-6">
        <summary class="opens flex min-h-11 cursor-pointer items-center font-semibold">
          Deleted in the last 30 days: {{ deleted.length }}
        </summary>
        <ul class="ruled border-y border-(--ui-border)" aria-label="Deleted jobs">
          <li v-for="job in deleted" :key="job.id" class="flex flex-wrap items-center gap-3 py-2">
            <span class="mr-auto">{{ job.title }}, deleted {{ day(job.deletedAt) }}</span>
            <PushButton
              label="Restore"
              icon="i-lucide-undo-2"
              :aria-label="`Restore ${job.title}`"
              @click="putBack(job.id)"
            />
          </li>
        </ul>
      </details>
      <KeptHere />
    </main>
  </div>
</template>
