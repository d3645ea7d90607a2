<script setup lang="ts">
import { checksOf } from '~~/core/leak/checks'
import type { Loss } from '~~/core/leak/loss'
import type { LeakSearch } from '~~/core/leak/search'
import type { Spot } from '~~/core/leak/spots'
import type { CheckResult } from '~~/core/log/leak-check'
import { formatWait } from '~~/core/quantity/words/format-duration'
import { useSelectionStore } from '~/stores/selection'

/** Where the leak is: what to check next and what it showed, and below it every place by its chance. */
const props = defineProps<{ search: LeakSearch & { loss: Loss }; hasChecks: boolean; disabled: boolean }>()
const emit = defineEmits<{ check: [result: CheckResult]; back: [] }>()
const { store } = useOpenJob()
const { say, tell } = useWords()
const { nameOf, jointsAt } = useSpotNames()
const selection = useSelectionStore()
const shown = ref(6)
const isAir = computed(() => props.search.loss.medium === 'air')

/** What was pressed at a place of the list: seen on the walk round, or by its surest check. */
function checkedAt({ id, isHidden }: Spot, result: 'dry' | 'leaks'): void {
  const isWalking = props.search.next?.check === 'walk' && result === 'leaks'
  const check = isWalking ? 'walk' : checksOf(isHidden, props.search.loss.medium).at(-1)!
  emit('check', { check, at: id, result })
}
const per = (chance: number) => `${chance >= 0.1 ? Math.round(chance * 100) : (chance * 100).toFixed(1)} %`
const whyOf = ({ suspects }: Spot) => [...new Set(suspects.flatMap(({ why }) => why.map((message) => tell(message))))]
</script>

<template>
  <section class="space-y-4" aria-label="Where it leaks">
    <h2 class="heading">Where it leaks</h2>
    <div v-if="search.found" class="space-y-2" data-found>
      <p class="font-label text-3xl font-semibold text-(--ui-error)">It leaks: {{ nameOf(search.found) }}</p>
      <p>
        Let the pressure off and drain before you touch it. Mark the joint as not made, make it again, mark it, and
        start another test. Chance of a second leak: {{ per(search.second) }}, typical.
      </p>
      <div class="flex flex-wrap gap-3">
        <PushButton
          v-for="joint in jointsAt(search.found)"
          :key="joint.id"
          :to="`/jobs/${store.id}/make`"
          :label="jointsAt(search.found).length > 1 ? `To joint ${joint.number}` : 'To the joint'"
          icon="i-lucide-arrow-right"
          @click="selection.joint = joint.id"
        />
      </div>
    </div>
    <template v-else-if="search.next">
      <LeakNext :next="search.next" :is-air="isAir" :disabled="disabled" @check="emit('check', $event)" />
      <p class="text-sm text-muted">
        Likely found within {{ formatWait(Math.round(search.expected)) }}, at {{ say.leak(search.loss.mlPerMinute)
        }}<template v-if="isAir"> of air</template>. Chances by method, by what was recorded and by the size of the
        leak, typical; for one leak. Nobody stands in front of an end under test.
      </p>
    </template>
    <PushButton
      v-if="hasChecks"
      variant="ghost"
      icon="i-lucide-undo-2"
      :disabled="disabled"
      label="Take back the last answer"
      @click="emit('back')"
    />
    <ol class="ruled border-y border-(--ui-border)" aria-label="Suspects">
      <li
        v-for="{ spot, chance } in search.places.slice(0, shown)"
        :key="spot.id"
        class="flex flex-wrap items-center gap-x-3 py-1"
      >
        <span class="w-16 text-right font-label text-2xl font-semibold">{{ per(chance) }}</span>
        <span class="min-w-0 flex-1 basis-32">
          {{ nameOf(spot) }}
          <span v-if="whyOf(spot).length" class="block text-sm text-(--ui-warning)">{{ whyOf(spot).join('; ') }}</span>
        </span>
        <span v-if="!search.found" class="flex">
          <PushButton
            variant="ghost"
            :disabled="disabled"
            :aria-label="`Dry: ${nameOf(spot)}`"
            label="dry"
            @click="checkedAt(spot, 'dry')"
          />
          <PushButton
            variant="ghost"
            :disabled="disabled"
            :aria-label="`Leaks: ${nameOf(spot)}`"
            label="leaks"
            @click="checkedAt(spot, 'leaks')"
          />
        </span>
      </li>
    </ol>
    <PushButton v-if="search.places.length > shown" variant="ghost" label="More places" @click="shown += 12" />
  </section>
</template>
