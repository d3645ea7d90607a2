<script setup lang="ts">
import { formatClock } from '~~/core/quantity/words/format-duration'
import { useTimerStore } from '~/stores/timers'

/** The waits that are running, on every page; a finished one stays until it is taken away. */
const store = useTimerStore()
</script>

<template>
  <aside
    v-if="store.running.length"
    class="no-print border-t border-(--ui-border) bg-(--ui-bg-muted)"
    aria-label="Waits"
  >
    <ul class="flex flex-wrap gap-x-6 px-3">
      <li v-for="timer in store.running" :key="timer.id" class="flex min-h-11 items-center gap-3">
        <span
          class="font-label text-2xl font-semibold"
          :class="timer.left === 0 ? 'text-(--ui-success)' : ''"
          role="timer"
          >{{ timer.left === 0 ? 'done' : formatClock(timer.left) }}</span
        >
        <span>{{ timer.what }}</span>
        <PushButton variant="ghost" :aria-label="`Clear timer: ${timer.what}`" @click="store.stop(timer.id)">
          <UIcon name="i-lucide-x" class="size-5" />
        </PushButton>
      </li>
    </ul>
  </aside>
</template>
