<script setup lang="ts">
import { nextStep, type StepProgress } from '~~/core/plan/progress'
import type { Units } from '~~/core/quantity/units'
import { speakerIn } from '~~/core/speech'
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
  fetchJob,
  remove,
  putBack,
} = useJobList()
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const removing = ref('')
onMounted(load)

async function goTo(made: Promise<string | null>): Promise<void> {
  const id = await made
  if (id) await navigateTo(`/jobs/${id}`)
}
function onFile(): void {
  const file = chooser.value?.files?.[0]
  if (file) void goTo(upload(file))
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
function nextOf({ units, progress }: { units: Units; progress: readonly StepProgress[] }): string {
  const { next } = nextStep(progress)
  return next ? speakerIn(units).tell(next) : 'nothing left'
}
const day = (date: string): string => new Date(date).toLocaleDateString(undefined, { dateStyle: 'medium' })
useHead({ title: 'Jobs · Jolvet' })
</script>

<template>
  <div class="mx-auto max-w-5xl">
    <TopBar />
    <main class="p-4">
      <div class="mb-4 flex flex-wrap items-center gap-3">
        <h1 class="heading mr-auto text-3xl!">Jobs</h1>
        <UButton label="Bench" icon="i-lucide-wrench" color="neutral" variant="outline" to="/bench/identify" />
        <NewJobDialog @create="(job) => goTo(create(job))" />
        <UButton
          label="Open a job file"
          icon="i-lucide-upload"
          color="neutral"
          variant="outline"
          @click="chooser?.click()"
        />
        <input
          ref="chooser"
          type="file"
          accept=".json,application/json"
          class="hidden"
          aria-label="Job file"
          @change="onFile"
        />
      </div>
      <section v-if="problems.length" role="alert" class="mb-4 border-l-4 border-(--ui-error) pl-3">
        <p v-for="problem in problems" :key="problem">{{ problem }}</p>
      </section>
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
            <UButton
              label="Download its text"
              icon="i-lucide-download"
              :aria-label="`Download the text of ${of.title}`"
              @click="downloadOf(of.id)"
            />
            <UButton
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
        <li v-for="row in rows" :key="row.id" class="grid items-center gap-x-4 py-3 sm:grid-cols-[1fr_auto]">
          <div class="min-w-0">
            <NuxtLink :to="`/jobs/${row.id}`" class="heading underline-offset-4 hover:underline">{{
              row.title
            }}</NuxtLink>
            <template v-if="'progress' in row">
              <p class="truncate">Next: {{ nextOf(row) }}</p>
              <Spine :progress="row.progress" :job="row.id" class="mt-2" />
            </template>
            <p v-else-if="'pending' in row">Working out its steps …</p>
            <p v-else>
              No plan possible: {{ row.unplannable }}. Open it, or download and delete it. The other jobs are fine.
            </p>
          </div>
          <div class="flex gap-1">
            <UButton
              icon="i-lucide-download"
              color="neutral"
              variant="ghost"
              :aria-label="`Download the job file of ${row.title}`"
              @click="downloadOf(row.id)"
            />
            <UButton
              icon="i-lucide-trash-2"
              color="neutral"
              variant="ghost"
              :aria-label="`Delete ${row.title}`"
              @click="removing = row.id"
            />
          </div>
          <DeleteQuestion
            v-if="removing === row.id"
            first="Its job file"
            @delete="confirmRemoval(row)"
            @keep="removing = ''"
          />
        </li>
      </ul>
      <UButton v-if="next !== null" label="More jobs" icon="i-lucide-chevron-down" class="mt-3" @click="more" />
      <details v-if="deleted.length" class="mt-6">
        <summary class="opens flex min-h-11 cursor-pointer items-center font-semibold">
          Deleted in the last 30 days: {{ deleted.length }}
        </summary>
        <ul class="ruled border-y border-(--ui-border)" aria-label="Deleted jobs">
          <li v-for="job in deleted" :key="job.id" class="flex flex-wrap items-center gap-3 py-2">
            <span class="mr-auto">{{ job.title }}, deleted {{ day(job.deletedAt) }}</span>
            <UButton
              label="Restore"
              icon="i-lucide-undo-2"
              :aria-label="`Restore ${job.title}`"
              @click="putBack(job.id)"
            />
          </li>
        </ul>
      </details>
      <KeptHere />
      <BackupPanel @back="load" />
    </main>
  </div>
</template>
