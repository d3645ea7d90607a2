<script setup lang="ts">
import { estimateLines, whatIsDone } from '~~/core/estimate/estimate-words'
import { exactly } from '~~/core/estimate/range'

/** What the job costs, as a range in plain words; printed it is the sheet for the customer. */
const { store, job, plan, visits, answer, isExample } = useEstimate()
const { about } = useMoney()
const { say } = useWords()
usePageMarks()
const lines = computed(() => estimateLines(answer.value, say.value))
const least = computed(() => exactly(answer.value.total.low))
const most = computed(() => exactly(answer.value.total.high))
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-4xl space-y-5">
    <div class="flex flex-wrap items-end gap-3">
      <h2 class="heading mr-auto text-2xl!">Estimate</h2>
      <NumberField
        v-if="!job.visits"
        label="Visits"
        :least="1"
        :most="50"
        class="no-print w-24"
        :model-value="visits"
        @update:model-value="(count) => count !== undefined && (visits = Math.round(count))"
      />
      <PushButton
        class="no-print"
        label="Print"
        icon="i-lucide-printer"
        color="neutral"
        variant="outline"
        @click="print"
      />
      <PushButton
        class="no-print"
        label="PDF"
        icon="i-lucide-download"
        color="neutral"
        variant="outline"
        :to="`/api/jobs/${store.id}/estimate.pdf?visits=${visits}`"
        external
        target="_blank"
      />
    </div>
    <JobVisits />
    <p v-if="plan.joints.length === 0">Nothing to add up yet: draw a run in <strong>Route</strong>.</p>
    <template v-else>
      <div class="flex flex-wrap gap-x-10 gap-y-2">
        <Readout label="From, with tax" :value="about(least)" basis="typical: an estimate, not an offer" />
        <Readout label="Up to, with tax" :value="about(most)" />
      </div>
      <table class="w-full max-w-xl text-left" aria-label="What it is made up of">
        <tbody class="ruled">
          <tr v-for="[word, range] in lines" :key="word" class="h-9">
            <th class="font-normal">{{ word }}</th>
            <td class="text-right">{{ about(range) }}</td>
          </tr>
          <tr class="h-9">
            <th class="font-normal">Tax</th>
            <td class="text-right">{{ about(answer.tax) }}</td>
          </tr>
          <tr class="h-11 font-semibold">
            <th>In all</th>
            <td class="text-right">{{ about(answer.total) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="isExample" class="text-(--ui-warning)">
        These are example prices. Set your own under
        <NuxtLink to="/bench/costs" class="inline-block underline">Tools and prices</NuxtLink>.
      </p>
      <section aria-label="What is done">
        <h3 class="heading">What is done</h3>
        <p>{{ whatIsDone(job, plan, say) }}</p>
        <PatternPicture :job="job" class="mt-2" />
      </section>
      <MethodWays :visits="visits" class="no-print" />
      <details class="no-print">
        <summary class="label min-h-11 cursor-pointer pt-2 text-base">How it adds up</summary>
        <EstimateBasis :estimate="answer" :joints="plan.joints.length" />
      </details>
    </template>
  </div>
</template>
