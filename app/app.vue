<script setup lang="ts">
const { isByThumb } = useLengthPad()
const { isHelping, isFinding } = useHelp()

useLeftDrafts()
/** A page that does not come at once: what stood there is not taken for it. */
const { isLoading } = useLoadingIndicator({ throttle: 300, hideDelay: 0, resetDelay: 0 })
</script>

<template>
  <div :data-opening="isLoading || undefined">
    <SkipLink />
    <p v-if="isLoading" role="status" class="behind-note">Opening …</p>
    <NuxtLayout>
      <PartBoundary><NuxtPage /></PartBoundary>
    </NuxtLayout>
    <LazyHelpDialog v-if="isHelping" />
    <LazyFindDialog v-if="isFinding" />
    <footer class="sticky bottom-0 z-20">
      <LazyLengthPad v-if="isByThumb" />
      <RemovedNotice />
      <ProgramNotice />
      <OutboxNotice />
      <TimerBar />
      <!-- What a page puts under the thumb, and the steps of a job below it. -->
      <div id="thumb"></div>
      <div id="foot"></div>
    </footer>
  </div>
</template>
