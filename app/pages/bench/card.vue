<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import type { MethodId } from '~~/core/methods/ids'
import { judge } from '~~/core/join/judge'
import type { StripDepth } from '~~/core/draw/depth-strip'
import { jointCard } from '~~/core/procedure/joint-card'
import { attitudes, type Attitude } from '~~/core/procedure/procedure'
import { profileWith, usualProfile } from '~~/core/workshop/profile'
import { cardsAskedMost } from '~/asked/most-asked'
import type { HeldProfile } from '~/composables/workshop/useProfileChoice'
import { useCatalogueStore } from '~/stores/catalogue'

/** How is this joint made, and how far in? Any pipe and method, without a job. */
const own = useCatalogueStore()
const question = useLocalStorage<HeldProfile & { pipe: string; method: MethodId; attitude?: Attitude; wet?: boolean }>(
  'jolvet-bench-card',
  {
    profile: usualProfile(useBenchUnits().units.value),
    pipe: 'copper-half-hard-en-1057-r250-22x0.9',
    method: 'solder',
  },
)
const celsius = useAirTemperature()
const { length, tolerance, say, units } = useWords()
const { methodName, methodItems } = useMethods()
const { last, remember } = useAsked<{ pipe: string; method: MethodId }>('card')
const pipe = computed(() => own.catalogue.pipe(question.value.pipe))
const profile = computed(() => profileWith(question.value.profile, question.value.own?.changes))
const card = computed(() =>
  pipe.value
    ? jointCard(own.catalogue, pipe.value, question.value.method, {
        profile: profile.value,
        here: {
          say: say.value,
          celsius: celsius.value ?? undefined,
          attitude: question.value.attitude,
          wet: question.value.wet,
        },
      })
    : null,
)
const verdict = computed(() =>
  pipe.value
    ? judge(own.catalogue, pipe.value, question.value.method, {
        service: 'cold',
        place: { wet: question.value.wet },
        profile: profile.value,
      })
    : null,
)
const isRefused = computed(() => verdict.value?.verdict === 'refuse')
const attitudeItems = attitudes.map((value) => ({ value, label: value }))
/** Each joint is worked along from its own first step. */
const joint = computed(() => `bench/${question.value.pipe}/${question.value.method}`)
watch(
  [pipe, () => question.value.method],
  ([of, method]) =>
    of && remember({ label: `${methodName(method)}, ${of.label.split(' · ')[0]}`, ask: { pipe: of.id, method } }),
)
const along = ref(false)
const set = (part: Partial<typeof question.value>) => (question.value = { ...question.value, ...part })
/** The depths that are put together on one strip; kept in this browser. */
const strip = useLocalStorage<readonly StripDepth[]>('jolvet-bench-strip', [])
const present = computed<StripDepth | null>(() => {
  const { title, insertion } = card.value ?? {}
  return insertion && title && !isRefused.value ? { label: title, mm: insertion.mm, basis: insertion.basis } : null
})
const isOnStrip = computed(() =>
  strip.value.some(({ label, mm }) => label === present.value?.label && mm === present.value.mm),
)
const depths = computed(() => (strip.value.length > 0 ? strip.value : present.value ? [present.value] : []))
function putOnStrip(): void {
  if (present.value && !isOnStrip.value) strip.value = [...strip.value, present.value]
}
</script>

<template>
  <LazyWorkAlong v-if="along && card" :card="card" where="on the bench" :timer="joint" @leave="along = false" />
  <div v-else class="space-y-4">
    <div class="grid items-end gap-3 sm:grid-cols-[1fr_13rem_10rem_auto]">
      <LazyPipePicker label="Pipe" :model-value="question.pipe" @update:model-value="(id) => set({ pipe: id })" />
      <Choice
        label="Method"
        :items="methodItems"
        :model-value="question.method"
        @update:model-value="(method) => set({ method })"
      />
      <TemperatureField
        label="Temperature here"
        :least="-30"
        :most="50"
        :model-value="celsius ?? undefined"
        @update:model-value="(value) => (celsius = value ?? null)"
      />
      <PushButton color="primary" variant="solid" :disabled="isRefused" @click="along = true">
        <UIcon name="i-lucide-play" class="size-5" />Work along
      </PushButton>
    </div>
    <AskedMost :most="cardsAskedMost(units)" :last="last" @ask="set" />
    <div v-if="pipe && card && verdict" class="grid gap-6 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <section class="space-y-4" aria-label="Insertion depth">
        <Readout v-if="isRefused" label="Not allowed" value="refused" basis="by the rules below" />
        <Readout
          v-else
          label="Mark at"
          :value="length(card.insertion?.mm ?? null)"
          :tolerance="card.insertion ? tolerance(card.insertion.tolerance) : ''"
          :basis="card.insertion?.basis ?? 'not in the catalogue: measure the socket'"
        />
        <div>
          <VerdictMark :verdict="verdict.verdict" />
          <ReasonList class="mt-2" :reasons="verdict.reasons" />
        </div>
        <div class="grid grid-cols-2 items-end gap-3">
          <Choice
            label="Position"
            :items="attitudeItems"
            :model-value="question.attitude"
            placeholder="not set"
            @update:model-value="(attitude) => set({ attitude })"
          />
          <CheckBox
            :model-value="question.wet ?? false"
            label="Line still wet"
            @update:model-value="(on) => set({ wet: on || undefined })"
          />
        </div>
      </section>
      <p v-if="isRefused">No card: this method is not allowed on this pipe. Choose another method or pipe.</p>
      <div v-else class="space-y-6">
        <JointCardView
          :key="`${question.pipe}${question.method}`"
          :card="card"
          :pipe="pipe"
          :method="question.method"
          :reasons="[]"
          where="On the bench"
          :timer="joint"
        />
        <DepthStripPrint :depths="depths" title="Depth strip">
          <ul class="mt-2 flex flex-wrap gap-1.5" aria-label="On the strip">
            <li v-for="depth in strip" :key="depth.label">
              <PushButton
                :aria-label="`Take off the strip: ${depth.label}`"
                @click="strip = strip.filter((kept) => kept !== depth)"
              >
                {{ depth.label }} {{ length(depth.mm) }}<UIcon name="i-lucide-x" class="size-4" />
              </PushButton>
            </li>
            <li>
              <PushButton :disabled="!present || isOnStrip" @click="putOnStrip">
                <UIcon name="i-lucide-plus" class="size-4" />Put this joint on it
              </PushButton>
            </li>
          </ul>
        </DepthStripPrint>
      </div>
    </div>
  </div>
</template>
