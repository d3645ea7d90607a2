<script setup lang="ts">
import { useOutboxStore } from '~/stores/outbox'
import type { SaveStatus } from '~/sync/job/save-loop'

/** Where a job stands between this browser and the server; true in every case. */
const props = defineProps<{ status: SaveStatus; kept: boolean }>()
const outbox = useOutboxStore()
/** What was written and photographed is part of what is saved. */
const onItsWay = computed(() => {
  const { refused, waiting, isAway } = outbox.state
  if (refused.length > 0) return `${refused.length} not accepted: see below`
  return isAway && waiting.length > 0 ? `${waiting.length} to send, kept here` : null
})
const here = computed(() =>
  props.kept ? 'what you type is kept here' : 'this browser has no room to keep it: download the job file now',
)
const text = computed(() => {
  switch (props.status.kind) {
    case 'saved':
      return onItsWay.value ?? 'Saved'
    case 'saving':
      return 'Saving …'
    case 'waiting':
      return `Waiting for the ${props.status.what}; ${here.value}`
    case 'conflict':
      return 'Two versions: choose below'
    case 'gone':
      return `Deleted elsewhere; ${here.value}`
    default:
      return 'Not saved: see below'
  }
})
const calm = computed(
  () => (props.status.kind === 'saved' || props.status.kind === 'saving') && outbox.state.refused.length === 0,
)
</script>

<template>
  <span
    role="status"
    data-save-state
    :data-kind="status.kind"
    class="label text-base max-sm:text-sm"
    :class="calm ? '' : 'max-w-40 font-semibold text-(--ui-warning)! max-sm:leading-tight sm:max-w-none'"
  >
    {{ text }}
  </span>
</template>
