<script setup lang="ts">
import { download } from '~/saving/download'
import { useOutboxStore } from '~/stores/outbox'
import type { Command } from '~/sync/commands/command'

/** What the server does not have yet, where that lasts; and what it did not accept, until it is seen. */
const store = useOutboxStore()
const waits = computed(() => (store.state.isAway || store.state.isHeld ? store.state.waiting : []))

/** What was not accepted as a file: a picture as it is, all else as it would be sent. */
function save({ says, path, body }: Command): void {
  if (body instanceof Blob) return download(`${says}.jpg`, body.type, body)
  download(`${says}.json`, 'application/json', JSON.stringify({ says, path, body }, null, 2))
}
</script>

<template>
  <aside
    v-if="waits.length + store.state.refused.length > 0"
    class="no-print border-t border-(--ui-border) bg-(--ui-bg-muted) px-3 py-1"
    aria-label="Changes on their way"
  >
    <p v-if="waits.length" role="status" class="min-h-9 py-1.5 text-(--ui-warning)">
      Waiting for {{ store.state.isHeld ? 'the first save of the job' : 'the server' }}: {{ waits.length }}
      {{ waits.length === 1 ? 'change' : 'changes' }}.
      {{ store.state.why }}
      <template v-if="store.state.isKept">Kept here, and sent as soon as it answers.</template>
      <strong v-else>This browser has no room to keep them: leave this page open until they are sent.</strong>
    </p>
    <ul>
      <li
        v-for="command in store.state.refused"
        :key="command.id"
        role="alert"
        class="flex flex-wrap items-center gap-3"
      >
        <span class="min-w-48 flex-1">Not accepted, {{ command.says }}: {{ command.refused }}</span>
        <PushButton
          v-if="command.isSound"
          label="Send again"
          :aria-label="`Send again: ${command.says}`"
          @click="store.again(command.id)"
        />
        <PushButton label="Download" :aria-label="`Download: ${command.says}`" @click="save(command)" />
        <PushButton label="Discard" :aria-label="`Discard: ${command.says}`" @click="store.forget(command.id)" />
      </li>
    </ul>
  </aside>
</template>
