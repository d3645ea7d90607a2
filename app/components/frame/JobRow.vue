<script setup lang="ts">
import { nextStep, type StepProgress } from '~~/core/plan/progress'
import type { Units } from '~~/core/quantity/units'
import { speakerIn } from '~~/core/speech'
import type { ReadableJob } from '~/sync/server'

/** One job of the list: where it stands, what comes next, and what can be done with all of it. */
defineProps<{ row: ReadableJob; removing: boolean }>()
const emit = defineEmits<{ download: []; pack: []; duplicate: []; ask: []; remove: []; keep: [] }>()
function nextOf({ units, progress }: { units: Units; progress: readonly StepProgress[] }): string {
  const { next } = nextStep(progress)
  return next ? speakerIn(units).tell(next) : 'nothing left'
}
</script>

<template>
  <li class="grid items-center gap-x-4 py-3 sm:grid-cols-[7rem_1fr_auto]">
    <JobPicture v-if="'picture' in row && row.picture" :picture="row.picture" class="sm:h-20" />
    <span v-else class="max-sm:hidden" />
    <div class="min-w-0">
      <NuxtLink :to="`/jobs/${row.id}`" class="heading underline-offset-4 hover:underline">{{ row.title }}</NuxtLink>
      <span v-if="'sample' in row && row.sample" class="label ml-2 border border-(--ui-border) px-1.5">sample</span>
      <template v-if="'progress' in row">
        <p class="truncate">Next: {{ nextOf(row) }}</p>
        <Spine :progress="row.progress" :job="row.id" :of="row.title" class="mt-2" />
      </template>
      <p v-else-if="'pending' in row">Working out its steps …</p>
      <p v-else>
        No plan possible: {{ row.unplannable }}. Open it, or download and delete it. The other jobs are fine.
      </p>
    </div>
    <div class="flex gap-1">
      <PushButton
        icon="i-lucide-copy"
        color="neutral"
        variant="ghost"
        :aria-label="`Duplicate ${row.title}`"
        @click="emit('duplicate')"
      />
      <PushButton
        icon="i-lucide-download"
        color="neutral"
        variant="ghost"
        :aria-label="`Download the job file of ${row.title}`"
        @click="emit('download')"
      />
      <PushButton
        icon="i-lucide-folder-archive"
        color="neutral"
        variant="ghost"
        :aria-label="`Download ${row.title} with its log and photos`"
        @click="emit('pack')"
      />
      <PushButton
        icon="i-lucide-trash-2"
        color="neutral"
        variant="ghost"
        :aria-label="`Delete ${row.title}`"
        @click="emit('ask')"
      />
    </div>
    <LazyDeleteQuestion v-if="removing" first="Its job file" @delete="emit('remove')" @keep="emit('keep')" />
  </li>
</template>
