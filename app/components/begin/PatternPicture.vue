<script setup lang="ts">
import { systemsOf } from '~~/core/job/system'
import type { Job } from '~~/core/job/job'

/** What a pattern draws, run by run, as the answers stand; to look at. */
const props = defineProps<{ job: Job }>()
const systems = computed(() => systemsOf(props.job))
const [none, unnamed] = [new Set<string>(), new Map<string, never>()]
</script>

<template>
  <div class="grid gap-2" :class="systems.length > 1 ? 'sm:grid-cols-2' : ''">
    <figure v-for="system in systems" :key="system.id">
      <div
        class="pointer-events-none h-52 border border-(--ui-border)"
        :class="systems.length > 1 ? 'sm:h-64' : 'sm:h-80'"
        inert
      >
        <IsoDrawing
          :system="system"
          view="isometric"
          :to-scale="false"
          leg=""
          :chosen="none"
          node=""
          :piece-of="unnamed"
          :joints-of="unnamed"
          :marks="unnamed"
        />
      </div>
      <figcaption class="label">{{ system.runs.map(({ name }) => name).join(' · ') }}</figcaption>
    </figure>
  </div>
</template>
