<script setup lang="ts">
import { useJobStore } from '~/stores/job'

/** The head of a job's pages: the way home, its title, what is saved, and what holds for all of it. One line on a phone. */
const store = useJobStore()
const isPhone = usePhone()
const title = computed(() => store.job?.title ?? '')
function setTitle(typed: string): void {
  if (store.job && typed.trim() !== '') store.change({ ...store.job, title: typed })
}
</script>

<template>
  <div class="flex items-center gap-x-1 px-2 py-1 sm:flex-wrap sm:gap-x-4 sm:px-3 sm:py-1.5">
    <NuxtLink
      to="/"
      class="flex min-h-11 min-w-11 shrink-0 items-center gap-2 font-label text-xl font-semibold"
      aria-label="Jolvet, all jobs"
    >
      <img src="/icon.svg" alt="" class="size-7" /><span class="hidden sm:inline">Jolvet</span>
    </NuxtLink>
    <h1 class="sr-only">{{ title }}</h1>
    <input
      :value="title"
      class="field field-bare font-label min-w-0 flex-1 text-xl font-semibold text-ellipsis max-sm:px-1 sm:w-72 sm:flex-none"
      aria-label="Title of the job"
      maxlength="200"
      autocomplete="off"
      @input="(event) => setTitle((event.target as HTMLInputElement).value)"
    />
    <SaveState :status="store.status" :kept="store.isKept" />
    <div class="ml-auto flex shrink-0 items-center sm:gap-1">
      <PushButton variant="ghost" aria-label="Undo" :disabled="store.past.length === 0" @click="store.undo()">
        <UIcon name="i-lucide-undo-2" class="size-5" />
      </PushButton>
      <JobControls v-if="!isPhone" />
      <template v-else>
        <!-- Opened and closed by the browser itself: by a press beside it and by Escape too. -->
        <PushButton
          variant="ghost"
          aria-label="More of this job"
          icon="i-lucide-ellipsis-vertical"
          popovertarget="job-menu"
        />
        <div
          id="job-menu"
          popover
          class="inset-auto top-12 right-2 flex-col items-start gap-1 border border-(--ui-border) bg-(--ui-bg) p-2 text-(--ui-text) shadow-lg open:flex"
        >
          <JobControls in-words />
        </div>
      </template>
    </div>
  </div>
</template>
