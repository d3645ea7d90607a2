<script setup lang="ts">
/** What is to be known of the program itself: a newer one is here, or a piece of this one did not come. */
const { isOffered, isDismissed, update } = useUpdate()
const isMissing = useState('missing-piece', () => false)
const isOld = useOldPage()

/** Only where the server answers: else the browser would show a page of its own. */
async function again(): Promise<void> {
  const isThere = await fetch('/', { method: 'HEAD', cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  )
  if (isThere) location.reload()
}
const later = () => void (isDismissed.value = true)
const notice = computed(() => {
  if (isOld.value)
    return {
      says: 'The server runs a newer version than this page. What you write is kept here.',
      actions: [{ label: 'Load the new version', onClick: again }],
    }
  if (isMissing.value)
    return {
      says: 'That page did not load. What you have here stays; press again when there is a signal.',
      actions: [{ label: 'Reload', onClick: again }],
    }
  return {
    says: 'A newer version is ready.',
    actions: [
      { label: 'Load it', onClick: update },
      { label: 'Later', variant: 'ghost' as const, onClick: later },
    ],
  }
})
const isUrgent = computed(() => isOld.value || isMissing.value)
</script>

<template>
  <div
    v-if="isUrgent || isOffered"
    :role="isUrgent ? 'alert' : 'status'"
    class="flex flex-wrap items-center gap-3 border-t border-(--ui-border) px-3 py-1"
  >
    <span class="min-w-48 flex-1">{{ notice.says }}</span>
    <PushButton v-for="action in notice.actions" :key="action.label" v-bind="action" />
  </div>
</template>
