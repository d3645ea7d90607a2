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
</script>

<template>
  <div v-if="isOld" role="alert" class="flex flex-wrap items-center gap-3 border-t border-(--ui-border) px-3 py-1">
    <span class="min-w-48 flex-1">The server runs a newer Jolvet than this page. What you write is kept here.</span>
    <UButton label="Load the newer one" @click="again" />
  </div>
  <div
    v-else-if="isMissing"
    role="alert"
    class="flex flex-wrap items-center gap-3 border-t border-(--ui-border) px-3 py-1"
  >
    <span class="min-w-48 flex-1">
      That page did not come over the line. What you have here stays; press again when there is a line.
    </span>
    <UButton label="Reload" @click="again" />
  </div>
  <div
    v-else-if="isOffered"
    role="status"
    class="flex flex-wrap items-center gap-3 border-t border-(--ui-border) px-3 py-1"
  >
    <span class="min-w-48 flex-1">A newer Jolvet is here.</span>
    <UButton label="Load it" @click="update" />
    <UButton label="Later" variant="ghost" @click="isDismissed = true" />
  </div>
</template>
