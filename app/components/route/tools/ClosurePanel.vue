<script setup lang="ts">
import { profileWith } from '~~/core/workshop/profile'
import { closingChains, closureOf } from '~~/core/plan/closure'

/** Whether a run between fixed points will close: its tolerances on each axis, and how many of many builds do. */
const props = defineProps<{ run: string }>()
const { built: job, plan } = useOpenJob()
const { length, tolerance } = useWords()
const share = computed(() => profileWith(job.value.profile, job.value.own?.changes).leastEngagement / 100)
const chain = computed(() => closingChains(job.value, plan.value, share.value).find(({ run }) => run === props.run))
const closure = computed(() => (chain.value ? closureOf(chain.value) : null))
const { word } = useWays()
const axes = ['east', 'north', 'up'] as const
const spring = ref<number | undefined>(2)
const limits = { min: 0, max: 100 }
const closing = ref<number | null>(null)
watch(
  [chain, spring],
  async ([of, by]) => {
    closing.value = null
    if (!of || by === undefined || of.unknown.length > 0) return
    const found = await askWorker((worker) => worker.share(of, by)).answer
    if (of === chain.value && by === spring.value) closing.value = found
  },
  { immediate: true },
)
</script>

<template>
  <section v-if="chain && closure" class="space-y-2" aria-label="Will it close">
    <p v-if="chain.unknown.length" class="text-(--ui-warning)">
      Not known yet: the cut of {{ chain.unknown.join(', ') }} is missing a figure.
    </p>
    <template v-else>
      <LengthField
        label="The ends can be pushed apart by"
        :limits="limits"
        :model-value="spring"
        @update:model-value="(mm) => (spring = mm)"
      />
      <p class="font-label text-xl font-semibold" aria-live="polite" data-closes>
        {{ closing === null ? 'Building it 20 000 times …' : `${Math.floor(closing * 1000) / 10} of 100 builds close` }}
      </p>
      <table class="w-full text-left">
        <thead>
          <tr class="label">
            <th></th>
            <th class="text-right">Worst</th>
            <th class="text-right">Likely</th>
            <th class="text-right">Joints give</th>
          </tr>
        </thead>
        <tbody class="ruled">
          <template v-for="(axis, index) in axes" :key="axis">
            <tr v-if="closure.worst[index]! > 0">
              <td>{{ word(axis) }}</td>
              <td class="text-right font-semibold">± {{ tolerance(closure.worst[index]!) }}</td>
              <td class="text-right font-semibold">± {{ tolerance(closure.likely[index]!) }}</td>
              <td class="text-right">{{ length(closure.give[index]!) }}</td>
            </tr>
          </template>
        </tbody>
      </table>
      <p class="text-sm text-muted">
        Too short: each joint gives up to {{ Math.round((1 - share) * 100) }} % of its depth (a setting). Too long: only
        what the ends can be pushed apart, so aim short. A build closes when every joint is at or beyond its least
        depth; each tolerance counts as two standard deviations, a cut as ± {{ tolerance(0.5) }}.
      </p>
    </template>
  </section>
</template>
