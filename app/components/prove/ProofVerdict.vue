<script setup lang="ts">
import type { ProofAnswer } from '~~/core/prove/prove'

/** Two verdicts beside each other: by the standard, and by what the readings say; what moved the gauge; what is next. */
const props = defineProps<{ proof: ProofAnswer }>()
const { say, tell } = useWords()
const verdicts = {
  tight: { text: 'Tight', icon: 'i-lucide-circle-check', class: 'text-(--ui-success)' },
  weep: { text: 'Weeps', icon: 'i-lucide-droplet', class: 'text-(--ui-warning)' },
  leak: { text: 'Leaking', icon: 'i-lucide-octagon-x', class: 'text-(--ui-error)' },
  inflow: { text: 'Fed from outside', icon: 'i-lucide-octagon-x', class: 'text-(--ui-error)' },
  undecided: { text: 'Undecided', icon: 'i-lucide-circle-help', class: 'text-(--ui-warning)' },
} as const
const shown = computed(() => verdicts[props.proof.verdict])
const letter = computed(() => {
  const { passes } = props.proof.profile
  if (passes === null) return { text: 'Time not up', icon: 'i-lucide-timer', class: '' }
  return passes
    ? { text: 'Passes', icon: 'i-lucide-circle-check', class: 'text-(--ui-success)' }
    : { text: 'Fails', icon: 'i-lucide-octagon-x', class: 'text-(--ui-error)' }
})
const causeWords = {
  leak: 'leak',
  inflow: 'inflow',
  temperature: 'temperature',
  creep: 'pipe stretch',
  air: 'air',
  unexplained: 'not explained',
} as const
const causes = computed(() => props.proof.causes.filter(({ bar }) => Math.abs(bar) >= 0.005))
const passWord = (passes: boolean | null) => (passes === null ? 'open' : passes ? 'yes' : 'no')
</script>

<template>
  <div class="space-y-4">
    <div class="grid gap-4 sm:grid-cols-2">
      <section aria-label="What the readings say">
        <p class="label">What the readings say</p>
        <p class="flex items-center gap-2 font-label text-3xl font-semibold" :class="shown.class" data-verdict>
          <UIcon :name="shown.icon" class="size-8 shrink-0" />{{ shown.text }}
        </p>
        <p v-if="proof.verdict === 'leak' || proof.verdict === 'weep'">
          {{ say.leak(proof.leak.mlPerMinute) }}; at least {{ say.leak(proof.leak.low) }}, at most
          {{ say.leak(proof.leak.high) }}
        </p>
        <p v-else-if="proof.verdict === 'inflow'">
          Runs in: {{ say.leak(-proof.leak.mlPerMinute) }}; at least {{ say.leak(-proof.leak.high) }}, at most
          {{ say.leak(-proof.leak.low) }}
        </p>
        <p v-else-if="proof.expected.length">Chance of a leak: {{ (proof.probability * 100).toFixed(1) }} %</p>
      </section>
      <section aria-label="By the profile">
        <p class="label">By the standard</p>
        <p class="flex items-center gap-2 font-label text-3xl font-semibold" :class="letter.class" data-letter>
          <UIcon :name="letter.icon" class="size-8 shrink-0" />{{ letter.text }}
        </p>
        <ul>
          <li v-for="limit in proof.profile.limits" :key="limit.message.message">
            {{ tell(limit.message) }}: <strong>{{ passWord(limit.passes) }}</strong><template
              v-if="limit.value !== null && limit.message.message !== 'plastic'"
              >,
              {{
                limit.value < 0 ? `rose by ${say.testPressure(-limit.value)}` : say.testPressure(limit.value)
              }}</template
            >
          </li>
        </ul>
      </section>
    </div>
    <section v-if="causes.length" aria-label="What moved the gauge">
      <p class="label">What moved the gauge</p>
      <ul class="flex flex-wrap gap-x-6">
        <li v-for="{ cause, bar } in causes" :key="cause">
          {{ causeWords[cause] }}
          <strong class="font-label text-xl">{{ bar > 0 ? '+' : '−' }}{{ say.testPressure(Math.abs(bar)) }}</strong>
        </li>
      </ul>
    </section>
    <p class="text-lg"><strong>Next:</strong> <SpokenText :text="`${tell(proof.next.message)}.`" /></p>
  </div>
</template>
