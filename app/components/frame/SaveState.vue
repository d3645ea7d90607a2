<script setup lang="ts">
import type { SaveStatus } from '~/saving/save-loop'

const props = defineProps<{ status: SaveStatus }>()
const text = computed(() => {
  switch (props.status.kind) {
    case 'saved':
      return 'Saved'
    case 'saving':
      return 'Saving …'
    case 'waiting':
      return `Waiting for the ${props.status.what}; what you type is kept here`
    case 'conflict':
      return 'Two versions: choose below'
    case 'gone':
      return 'Deleted elsewhere; your text is kept here'
    default:
      return 'Not saved: see below'
  }
})
const calm = computed(() => props.status.kind === 'saved' || props.status.kind === 'saving')
</script>

<template>
  <span
    role="status"
    data-save-state
    :data-kind="status.kind"
    class="label text-base"
    :class="calm ? '' : 'font-semibold text-(--ui-warning)!'"
  >
    {{ text }}
  </span>
</template>
