<script setup lang="ts">
import type { Job } from '~~/core/job/job'
import { patternsIn } from '~~/core/patterns'

/** The calls that come again and again: each makes a whole job from a few measures. */
const { units, toggle } = useBenchUnits()
const { trade } = useWords()
const { create, problems } = useJobList()
async function begin(job: Job): Promise<void> {
  const id = await create(job)
  if (id) await navigateTo(`/jobs/${id}/route`)
}
const calls = computed(() => patternsIn(units.value))
useHead({ title: 'Begin a job · Jolvet' })
</script>

<template>
  <div>
    <header class="border-b border-(--ui-border) bg-(--ui-bg-muted)">
      <TopBar>
        <h1 class="heading">Begin a job</h1>
        <PushButton variant="ghost" class="ml-auto" aria-label="Change units" @click="toggle">
          <UnitsWord :units="units" />
        </PushButton>
        <HelpButtons />
      </TopBar>
    </header>
    <main id="main" class="mx-auto max-w-5xl p-4">
      <p class="mb-3 max-w-3xl">
        Choose the call, type three to six measures: the fittings, the lengths to cut and the list follow, and all of it
        can be changed afterwards.
      </p>
      <ul class="ruled border-y border-(--ui-border)">
        <li v-for="{ id, name, what } in calls" :key="id">
          <NuxtLink
            :to="`/begin/${id}`"
            class="flex min-h-14 items-center justify-between gap-4 py-2 underline-offset-4 hover:underline"
          >
            <span
              ><span class="heading block">{{ trade(name) }}</span
              >{{ trade(what) }}</span
            >
            <UIcon name="i-lucide-chevron-right" class="size-5 shrink-0" />
          </NuxtLink>
        </li>
      </ul>
      <OwnPatterns :units="units" class="mt-6" word="Begin a job" @draw="begin" />
      <p v-for="text in problems" :key="text" role="alert" class="text-(--ui-error)">{{ text }}</p>
    </main>
  </div>
</template>
