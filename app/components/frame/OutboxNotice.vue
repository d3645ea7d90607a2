<script setup lang="ts">
import { useOutboxStore } from '~/stores/outbox'

/** What the server does not have yet, where that lasts; and what it did not accept, until it is seen. */
const store = useOutboxStore()
const waits = computed(() => (store.state.isAway ? store.state.waiting : []))
</script>

<template>
  <aside
    v-if="waits.length + store.state.refused.length > 0"
    class="no-print border-t border-(--ui-border) bg-(--ui-bg-muted) px-3 py-1"
    aria-label="Changes on their way"
  >
    <p v-if="waits.length" role="status" class="min-h-9 py-1.5 text-(--ui-warning)">
      Waiting for the server: {{ waits.length }} {{ waits.length === 1 ? 'change' : 'changes' }}.
      <template v-if="store.state.isKept">Kept here, and sent as soon as it answers.</template>
      <strong v-else>This browser has no room to keep them: leave this page open until they are sent.</strong>
    </p>
    <ul>
      <li
        v-for="{ id, says, refused, isSound } in store.state.refused"
        :key="id"
        role="alert"
        class="flex flex-wrap items-center gap-3"
      >
        <span class="min-w-48 flex-1">Not accepted, {{ says }}: {{ refused }}</span>
        <UButton v-if="isSound" label="Send again" :aria-label="`Send again: ${says}`" @click="store.again(id)" />
        <UButton label="Take away" :aria-label="`Take away: ${says}`" @click="store.forget(id)" />
      </li>
    </ul>
  </aside>
</template>
