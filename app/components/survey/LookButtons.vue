<script setup lang="ts">
import { lookValues, type LookKind } from '~~/core/job/look'
import type { Observation } from '~~/core/job/observation'

/** The looks, cheapest first: one press takes an answer. */
const props = defineProps<{ observations: readonly Observation[]; suggested: string | undefined }>()
const { say, trade } = useWords()
const emit = defineEmits<{ observe: [seen: Observation] }>()

const questions: readonly { kind: LookKind; ask: string }[] = [
  { kind: 'place', ask: 'Laid' },
  { kind: 'colour', ask: trade('Colour') },
  { kind: 'tap', ask: 'Knock on it' },
  { kind: 'magnet', ask: 'Magnet' },
  { kind: 'feel', ask: 'Bend by hand' },
  { kind: 'cut-end', ask: 'Cut end' },
  { kind: 'stripe', ask: 'Stripe' },
  { kind: 'scratch', ask: 'Scratch' },
  { kind: 'joint', ask: 'Fitting on it' },
]
/** What is answered stands in the list of what is seen, and makes room here. */
const open = computed(() => questions.filter(({ kind }) => !props.observations.some((seen) => seen.kind === kind)))
</script>

<template>
  <div class="ruled">
    <div
      v-for="{ kind, ask } in open"
      :key="kind"
      class="grid items-start gap-x-3 py-1.5 sm:grid-cols-[7rem_1fr]"
      :class="kind === suggested ? 'border-l-4 border-l-(--ui-primary) pl-2' : ''"
    >
      <div class="label pt-2 text-base">
        {{ ask
        }}<span v-if="kind === suggested" class="block text-sm font-semibold text-(--ui-primary)">next check</span>
      </div>
      <div class="flex flex-wrap gap-1.5" role="group" :aria-label="ask">
        <PushButton
          v-for="value in lookValues[kind]"
          :key="value"
          :label="say.trade(value)"
          color="neutral"
          variant="outline"
          class="px-2.5"
          @click="emit('observe', { kind, value })"
        />
      </div>
    </div>
  </div>
</template>
