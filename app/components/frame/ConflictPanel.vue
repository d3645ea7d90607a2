<script setup lang="ts">
import { compareJobs } from '~~/core/job/compare'
import type { Job } from '~~/core/job/job'
import type { Stored } from '~/saving/transport'

/** Two tabs saved the same job: both versions, place by place, and the choice between them. */
const props = defineProps<{ mine: Job; theirs: Stored }>()
const emit = defineEmits<{ choose: [which: 'mine' | 'theirs' | 'copy'] }>()
const differences = computed(() => compareJobs(props.mine, props.theirs.job))
const most = 12
</script>

<template>
  <section role="alert" class="border-y-2 border-(--ui-warning) bg-(--ui-bg-muted) p-4" data-conflict>
    <h2 class="heading">This job was saved elsewhere too</h2>
    <p class="mb-3">
      Another tab or program saved version {{ theirs.version }}. Nothing of yours is lost: choose which to go on with.
    </p>
    <table class="w-full text-left text-sm">
      <thead>
        <tr class="label">
          <th class="pr-4">Place</th>
          <th class="pr-4">Here</th>
          <th>Saved elsewhere</th>
        </tr>
      </thead>
      <tbody class="ruled align-top">
        <tr v-for="difference in differences.slice(0, most)" :key="difference.field">
          <td class="pr-4">{{ difference.field }}</td>
          <td class="pr-4 break-all" data-mine>{{ difference.mine }}</td>
          <td class="break-all" data-theirs>{{ difference.theirs }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="differences.length > most" class="text-sm">and {{ differences.length - most }} more places</p>
    <div class="mt-3 flex flex-wrap gap-3">
      <UButton label="Keep what is here" color="primary" variant="solid" @click="emit('choose', 'mine')" />
      <UButton label="Take the saved one" variant="outline" color="neutral" @click="emit('choose', 'theirs')" />
      <UButton label="Keep mine as a copy" variant="outline" color="neutral" @click="emit('choose', 'copy')" />
    </div>
  </section>
</template>
