<script setup lang="ts">
import type { Job } from '~~/core/job/job'
import type { Plan } from '~~/core/plan/types'

/** What follows from the answers: the picture, the lengths to cut, what to bring, what to mind. */
const props = defineProps<{ job: Job; plan: Plan }>()
const { length, tell, trade } = useWords()
const cuts = computed(() => props.plan.pieces.map(({ id, cut }) => ({ id, cut: length(cut) })))
const laid = computed(() => new Map(props.plan.stock.map(({ pipe, bars }) => [pipe, bars])))
const notes = computed(() => props.job.note?.split('\n') ?? [])
</script>

<template>
  <div class="space-y-4">
    <PatternPicture :job="job" />
    <section aria-label="To cut">
      <h2 class="heading">To cut</h2>
      <p v-if="cuts.length === 0">No new pipe: the fitting goes on what is there.</p>
      <ul v-else class="flex flex-wrap gap-x-6 gap-y-1">
        <li v-for="{ id, cut } in cuts" :key="id">
          <span class="label mr-2">{{ id }}</span><span class="figures text-2xl">{{ cut }}</span>
        </li>
      </ul>
    </section>
    <ul v-if="plan.checks.length" aria-label="To settle" class="space-y-1">
      <li v-for="check in plan.checks" :key="`${check.where} ${check.rule}`" class="flex gap-2">
        <VerdictMark :verdict="check.verdict" class="shrink-0" /><SpokenText :text="`${check.where}: ${tell(check)}`" />
      </li>
    </ul>
    <section aria-label="To bring">
      <h2 class="heading">To bring</h2>
      <PartsList :plan="plan" :laid="laid" />
    </section>
    <section aria-label="To mind">
      <h2 class="heading">Mind</h2>
      <ul class="list-disc space-y-1 pl-5">
        <li v-for="note in notes" :key="note"><SpokenText :text="trade(note)" /></li>
        <li>Local code, the maker’s instructions and a licensed person come first.</li>
      </ul>
    </section>
  </div>
</template>
