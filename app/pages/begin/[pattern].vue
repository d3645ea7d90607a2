<script setup lang="ts">
import { until } from '@vueuse/core'
import { patterns } from '~~/core/patterns'

/** One call: what it asks, and the job that follows as the answers stand. */
const route = useRoute()
const known = computed(() => patterns.find(({ id }) => id === route.params.pattern))
const pattern = computed(() => known.value ?? patterns[0]!)
if (!known.value) await navigateTo('/begin', { replace: true })
const { units, toggle } = useBenchUnits()
const { trade } = useWords()
const title = ref('')
const named = computed(() => title.value.trim().slice(0, 200) || trade(pattern.value.name))
const isUsual = computed(() => pattern.value.units.includes(units.value))
const drawnUnits = computed(() => (isUsual.value ? units.value : pattern.value.units[0]!))
const { answers, answer, clear, drawn, isBehind } = usePattern(
  () => pattern.value,
  () => drawnUnits.value,
)
const made = computed(() => (drawn.value && 'job' in drawn.value ? drawn.value : null))
const problem = computed(() => (drawn.value && 'problem' in drawn.value ? drawn.value.problem : ''))
const { create, problems } = useJobList()
const isBeginning = ref(false)
async function begin(): Promise<void> {
  isBeginning.value = true
  // What was typed last is drawn first.
  await until(isBehind).toBe(false)
  const id = made.value && (await create({ ...made.value.job, title: named.value }))
  isBeginning.value = false
  if (id) await navigateTo(`/jobs/${id}/route`)
}
useHead({ title: () => `${trade(pattern.value.name)} · Jolvet` })
</script>

<template>
  <div>
    <header class="border-b border-(--ui-border) bg-(--ui-bg-muted)">
      <TopBar>
        <NuxtLink to="/begin" class="flex min-h-11 items-center gap-1 underline-offset-4 hover:underline">
          <UIcon name="i-lucide-chevron-left" class="size-5" />All calls
        </NuxtLink>
        <PushButton variant="ghost" class="ml-auto" aria-label="Change units" @click="toggle">
          <UnitsWord :units="units" />
        </PushButton>
        <HelpButtons />
      </TopBar>
    </header>
    <main id="main" class="mx-auto max-w-6xl p-4">
      <h1 class="heading text-3xl!">{{ trade(pattern.name) }}</h1>
      <p class="mb-4">{{ trade(pattern.what) }}</p>
      <p v-if="!isUsual" class="mb-4">This call is drawn up in millimetres only.</p>
      <div class="grid gap-6 lg:grid-cols-[27rem_1fr]">
        <form class="space-y-4 lg:sticky lg:top-4 lg:self-start" @submit.prevent="begin">
          <PatternForm :pattern="pattern" :answers="answers" @answer="answer" />
          <TextField v-model="title" label="Title of the job" :placeholder="trade(pattern.name)" />
          <div class="flex gap-2 max-sm:sticky max-sm:bottom-0 max-sm:bg-(--ui-bg) max-sm:py-2">
            <PushButton
              type="submit"
              label="Begin this job"
              color="primary"
              variant="solid"
              class="w-full"
              :disabled="!made || isBeginning"
            />
            <PushButton label="Usual figures" color="neutral" variant="outline" class="shrink-0" @click="clear" />
          </div>
          <p v-for="text in problems" :key="text" role="alert" class="text-(--ui-error)">{{ text }}</p>
        </form>
        <div>
          <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
          <PatternResult v-else-if="made" :job="made.job" :plan="made.plan" />
          <p v-else role="status">Drawing …</p>
        </div>
      </div>
    </main>
  </div>
</template>
