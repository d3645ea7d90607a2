<script setup lang="ts">
/**
 * Keeps an error in one part of the page from blanking the rest. What cannot be drawn gives way to what to do; where only
 * a press or a key failed, the part stays and the failure is said above it.
 */
const route = useRoute()
const failure = shallowRef<{ error: string; isDrawn: boolean } | null>(null)

/** The handlers of events, as Vue names them; built, it gives their numbers alone. */
const ofEvents = /event handler|#runtime-[56]$/

onErrorCaptured((error, _, where) => {
  console.error(error)
  failure.value = { error: error instanceof Error ? error.message : String(error), isDrawn: ofEvents.test(where) }
  return false
})
const again = () => (failure.value = null)
watch(() => route.fullPath, again)
</script>

<template>
  <div>
    <LazyBrokenPart v-if="failure" :error="failure.error" @again="again" />
    <slot v-if="!failure || failure.isDrawn" />
  </div>
</template>
