<script setup lang="ts">
/** The bench: one question a tab, without a job. */
const { units, toggle } = useBenchUnits()
const route = useRoute()
const word = computed(() => benchTabs.find(({ to }) => to === route.path)?.word ?? '')
const row = useTemplateRef<HTMLElement>('row')
/** On a phone the row slides: the chosen tab is brought into sight. */
const showTab = () =>
  row.value?.querySelector('[aria-current="page"]')?.scrollIntoView({ inline: 'center', block: 'nearest' })
// The tabs’ widths hold once their font is there.
onMounted(() => document.fonts.ready.then(showTab))
watch(() => route.path, showTab, { flush: 'post' })
useHead({ title: 'Bench · Jolvet' })
</script>

<template>
  <div>
    <header class="border-b border-(--ui-border) bg-(--ui-bg-muted)">
      <TopBar>
        <h1 class="heading">
          Bench<span class="sr-only">: {{ word }}</span>
        </h1>
        <PushButton variant="ghost" class="ml-auto" aria-label="Change units" @click="toggle">
          <UnitsWord :units="units" />
        </PushButton>
        <HelpButtons />
      </TopBar>
      <nav ref="row" aria-label="Questions" class="flex overflow-x-auto">
        <NuxtLink
          v-for="tab in benchTabs"
          :key="tab.to"
          :to="tab.to"
          class="flex min-h-11 items-center border-b-4 border-(--drawing-faint) px-4 font-label text-lg font-semibold whitespace-nowrap"
          active-class="border-(--drawing-pipe)! bg-(--ui-bg)"
        >
          {{ tab.word }}
        </NuxtLink>
      </nav>
    </header>
    <main id="main" class="step p-3 sm:p-4">
      <PartBoundary><NuxtPage /></PartBoundary>
    </main>
  </div>
</template>
