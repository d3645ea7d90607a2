<script setup lang="ts">
import type { LeakSearch } from '~~/core/leak/search'
import type { Suspect } from '~~/core/leak/suspects'
import { checksOf } from '~~/core/leak/checks'
import type { CheckResult } from '~~/core/log/leak-check'
import { formatWait } from '~~/core/quantity/words/format-duration'
import { useSelectionStore } from '~/stores/selection'

/** Where the leak is: what to check next and what it showed, and below it every place by its chance. */
const props = defineProps<{ search: LeakSearch; disabled: boolean }>()
const emit = defineEmits<{ check: [result: CheckResult] }>()
const { store, plan } = useOpenJob()
const { tell } = useWords()
const { namesIn, runName } = useNames()
const { placeOf } = useJointCards()
const selection = useSelectionStore()
const shown = ref(6)
const joints = computed(() => new Map(plan.value.joints.map((joint) => [joint.id, joint])))

function nameOf({ joint, run, leg }: Suspect): string {
  const of = joints.value.get(joint ?? '')
  return of ? `Joint ${of.number}, ${placeOf(of)}` : `The pipe of ${namesIn(run).leg(leg ?? '')}, ${runName(run)}`
}
const checkWords = {
  look: 'Inspect it',
  tissue: 'Dry it and hold a tissue to it',
  listen: 'Listen to it',
  open: 'Open up and inspect',
} as const
const next = computed(() => props.search.next)
const result = (of: CheckResult) => emit('check', of)
const atSurest = (at: Suspect, leaks: boolean): CheckResult => ({
  check: checksOf(at)[leaks ? 1 : 0],
  at: at.id,
  result: leaks ? 'leaks' : 'dry',
})
const per = (chance: number) => `${chance >= 0.1 ? Math.round(chance * 100) : (chance * 100).toFixed(1)} %`
function open({ joint }: Suspect): void {
  if (joint) selection.joint = joint
}
</script>

<template>
  <section class="space-y-4" aria-label="Where it leaks">
    <h2 class="heading">Where it leaks</h2>
    <div v-if="search.found" class="space-y-2" data-found>
      <p class="font-label text-3xl font-semibold text-(--ui-error)">It leaks: {{ nameOf(search.found) }}</p>
      <p>
        Let the pressure off and drain before you touch it. Mark the joint as not made, make it again, mark it, and
        start another test. If that falls too, there is a second leak.
      </p>
      <UButton
        v-if="search.found.joint"
        :to="`/jobs/${store.id}/make`"
        label="To the joint"
        icon="i-lucide-arrow-right"
        @click="open(search.found)"
      />
    </div>
    <div v-else-if="next" class="space-y-2" data-next-check>
      <p class="label">Next, about {{ formatWait(Math.round(next.seconds)) }}</p>
      <template v-if="next.check === 'valve'">
        <p class="font-label text-3xl font-semibold">
          Shut the {{ namesIn(next.valve.run).node(next.valve.node) }}, {{ runName(next.valve.run) }}
        </p>
        <p>Raise the pressure on both sides, and watch which side falls.</p>
        <div class="flex flex-wrap gap-3">
          <UButton
            class="min-h-12 text-lg"
            :disabled="disabled"
            label="The side where the run begins"
            @click="result({ check: 'valve', at: next.valve.id, result: 'before' })"
          />
          <UButton
            class="min-h-12 text-lg"
            :disabled="disabled"
            label="The side beyond"
            @click="result({ check: 'valve', at: next.valve.id, result: 'beyond' })"
          />
        </div>
      </template>
      <template v-else>
        <p class="font-label text-3xl font-semibold">{{ checkWords[next.check] }}: {{ nameOf(next.at) }}</p>
        <p v-if="next.at.why.length">{{ next.at.why.map(tell).join('; ') }}.</p>
        <div class="flex flex-wrap gap-3">
          <UButton
            color="primary"
            variant="solid"
            class="min-h-12 px-6 text-lg"
            :disabled="disabled"
            label="Dry"
            @click="result({ check: next.check, at: next.at.id, result: 'dry' })"
          />
          <UButton
            class="min-h-12 px-6 text-lg"
            :disabled="disabled"
            label="It leaks here"
            @click="result({ check: next.check, at: next.at.id, result: 'leaks' })"
          />
        </div>
      </template>
      <p class="text-sm text-muted">
        Likely found within {{ formatWait(Math.round(search.expected)) }}. Chances by method and by what was recorded,
        typical; for one leak. Nobody stands in front of an end under test.
      </p>
    </div>
    <ol class="ruled border-y border-(--ui-border)" aria-label="Suspects">
      <li
        v-for="{ suspect, chance } in search.places.slice(0, shown)"
        :key="suspect.id"
        class="flex flex-wrap items-center gap-x-3 py-1"
      >
        <span class="w-16 text-right font-label text-2xl font-semibold">{{ per(chance) }}</span>
        <span class="min-w-0 flex-1 basis-32">
          {{ nameOf(suspect) }}
          <span v-if="suspect.why.length" class="block text-sm text-(--ui-warning)">{{
            suspect.why.map(tell).join('; ')
          }}</span>
        </span>
        <span v-if="!search.found" class="flex">
          <UButton
            variant="ghost"
            :disabled="disabled"
            :aria-label="`Dry: ${nameOf(suspect)}`"
            label="dry"
            @click="result(atSurest(suspect, false))"
          />
          <UButton
            variant="ghost"
            :disabled="disabled"
            :aria-label="`Leaks: ${nameOf(suspect)}`"
            label="leaks"
            @click="result(atSurest(suspect, true))"
          />
        </span>
      </li>
    </ol>
    <UButton v-if="search.places.length > shown" variant="ghost" label="More places" @click="shown += 12" />
  </section>
</template>
