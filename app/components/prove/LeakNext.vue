<script setup lang="ts">
import type { NextCheck } from '~~/core/leak/search'
import { everywhere, type CheckResult, type SpotCheck } from '~~/core/log/leak-check'
import { formatWait } from '~~/core/quantity/words/format-duration'

/** What to check next to find a leak, and what it may show. */
const props = defineProps<{ next: NextCheck; isAir: boolean; disabled: boolean }>()
const emit = defineEmits<{ check: [result: CheckResult] }>()
const { tell } = useWords()
const { namesIn, runName } = useNames()
const { nameOf } = useSpotNames()

const checkWords: Readonly<Record<SpotCheck, string>> = {
  look: 'Inspect it',
  tissue: 'Dry it, lay tissue on it for a minute',
  soap: 'Brush soap on it: no bubble may grow',
  listen: 'Listen to it',
  open: 'Open up and inspect',
}
const walk = computed(() =>
  props.isAir ? 'Walk round once and listen: does anything hiss?' : 'Walk round once: anything wet, dripping, hissing?',
)
const sides = [
  { result: 'before', label: 'The side where the run begins' },
  { result: 'beyond', label: 'The side beyond' },
  { result: 'both', label: 'Both fall' },
  { result: 'neither', label: 'Neither falls' },
] as const
const why = computed(() =>
  'at' in props.next
    ? [...new Set(props.next.at.suspects.flatMap(({ why }) => why.map((message) => tell(message))))]
    : [],
)
</script>

<template>
  <div class="space-y-2" data-next-check>
    <p class="label">Next, about {{ formatWait(Math.round(next.seconds)) }}</p>
    <template v-if="next.check === 'walk'">
      <p class="font-label text-3xl font-semibold">{{ walk }}</p>
      <PushButton
        color="primary"
        variant="solid"
        class="min-h-12 px-6 text-lg"
        :disabled="disabled"
        label="Nothing found"
        @click="emit('check', { check: 'walk', at: everywhere, result: 'dry' })"
      />
      <p>Found it? Press “leaks” at its place below.</p>
    </template>
    <template v-else-if="next.check === 'valve'">
      <p class="font-label text-3xl font-semibold">
        Shut the {{ namesIn(next.valve.run).node(next.valve.node) }}, {{ runName(next.valve.run) }}
      </p>
      <p>
        Raise the pressure on both sides, and watch which side falls. If both do, the valve lets by, or there are two
        leaks.
      </p>
      <div class="flex flex-wrap gap-3">
        <PushButton
          v-for="{ result, label } in sides"
          :key="result"
          class="min-h-12 text-lg"
          :disabled="disabled"
          :label="label"
          @click="emit('check', { check: 'valve', at: next.valve.id, result })"
        />
      </div>
    </template>
    <template v-else>
      <p class="font-label text-3xl font-semibold">{{ checkWords[next.check] }}: {{ nameOf(next.at) }}</p>
      <p v-if="why.length">{{ why.join('; ') }}.</p>
      <div class="flex flex-wrap gap-3">
        <PushButton
          color="primary"
          variant="solid"
          class="min-h-12 px-6 text-lg"
          :disabled="disabled"
          label="Dry"
          @click="emit('check', { check: next.check, at: next.at.id, result: 'dry' })"
        />
        <PushButton
          class="min-h-12 px-6 text-lg"
          :disabled="disabled"
          label="It leaks here"
          @click="emit('check', { check: next.check, at: next.at.id, result: 'leaks' })"
        />
      </div>
    </template>
  </div>
</template>
