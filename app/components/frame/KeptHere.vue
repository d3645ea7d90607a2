<script setup lang="ts">
import { download } from '~/saving/download'

/** Text of jobs that only this browser has, seen and let go; nothing stands here as long as the server has it all. */
const { drafts, copies, free, freeCopies } = useKeptHere()
const freeing = ref('')
const when = (at: number): string => new Date(at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
const keyOf = (draft: { job: string; tab: string }): string => `${draft.job} ${draft.tab}`
</script>

<template>
  <section v-if="drafts.length" class="mt-6" aria-labelledby="kept-here">
    <h2 id="kept-here" class="heading">Only in this browser</h2>
    <p class="mb-2">
      The server does not have this text yet. Open it to send it; it is merged with what was saved since.
    </p>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="draft in drafts" :key="keyOf(draft)" class="py-2">
        <div class="flex flex-wrap items-center gap-3">
          <span class="mr-auto">
            {{ draft.title }}, {{ when(draft.at) }}
            <template v-if="draft.isOpenElsewhere">(open in another tab)</template>
            <template v-else-if="!draft.isReadable">(cannot be read: download and mend it)</template>
          </span>
          <PushButton
            v-if="draft.isReadable && !draft.isOpenElsewhere"
            label="Open"
            :aria-label="`Open the unsaved ${draft.title}`"
            :to="`/jobs/${draft.job}`"
          />
          <PushButton
            icon="i-lucide-download"
            :aria-label="`Download the unsaved ${draft.title}`"
            @click="download('unsaved.jolvet.json', 'application/json', draft.file)"
          />
          <PushButton
            v-if="!draft.isOpenElsewhere"
            icon="i-lucide-trash-2"
            :aria-label="`Discard the unsaved ${draft.title}`"
            @click="freeing = keyOf(draft)"
          />
        </div>
        <div
          v-if="freeing === keyOf(draft)"
          role="alertdialog"
          aria-label="Discard it?"
          class="flex flex-wrap items-center gap-3 pt-2"
        >
          <span>Discard this text? It is nowhere else and cannot be brought back; download it first.</span>
          <PushButton label="Discard" color="error" @click="free(draft)" />
          <PushButton label="Keep it" @click="freeing = ''" />
        </div>
      </li>
    </ul>
  </section>
  <p v-if="copies" class="mt-6 flex flex-wrap items-center gap-3">
    <span>This browser keeps {{ copies }} {{ copies === 1 ? 'job' : 'jobs' }} for use without a signal.</span>
    <PushButton label="Clear offline copies" variant="ghost" @click="freeCopies" />
  </p>
</template>
