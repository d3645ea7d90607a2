<script setup lang="ts">
const { isByThumb } = useLengthPad()
const { isHelping, isFinding } = useHelp()

useLeftDrafts()
</script>

<template>
  <div>
    <SkipLink />
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
