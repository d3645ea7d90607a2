<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

const catalogue = useCatalogueStore()
const workshop = useWorkshopStore()
const { isByThumb } = useLengthPad()
const { isHelping, isFinding } = useHelp()

/** Parts and prices are shared by all jobs, and another tab or another person may have changed them. */
function refresh(): void {
  if (document.visibilityState !== 'visible') return
  void catalogue.load()
  void workshop.load()
}
useLeftDrafts()
refresh()
useEventListener(document, 'visibilitychange', refresh)
</script>

<template>
  <UApp :toaster="null">
    <NuxtLayout>
      <PartBoundary><NuxtPage /></PartBoundary>
    </NuxtLayout>
    <LazyHelpDialog v-if="isHelping" />
    <LazyFindDialog v-if="isFinding" />
    <div class="sticky bottom-0 z-20">
      <LazyLengthPad v-if="isByThumb" />
      <RemovedNotice />
      <ProgramNotice />
      <OutboxNotice />
      <TimerBar />
      <!-- What a page puts under the thumb, and the steps of a job below it. -->
      <div id="thumb"></div>
      <div id="foot"></div>
    </div>
  </UApp>
</template>
