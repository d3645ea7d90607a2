<script setup lang="ts">
import { socketInChain } from '~~/core/catalogue/catalogue'
import { methodIds, type MethodId } from '~~/core/methods/ids'
import type { Pipe } from '~~/core/catalogue/pipe'
import type { Condition, Place, Service } from '~~/core/job/place'
import type { OwnedTool } from '~~/core/workshop/tools'
import { profileWith } from '~~/core/workshop/profile'
import type { ChainChoice } from '~~/core/job/job'
import type { Chain } from '~~/core/join/chains/chain'
import { inLine } from '~~/core/join/chains/chain-by-piece'
import { join } from '~~/core/join/join'
import type { HeldProfile } from '~/composables/workshop/useProfileChoice'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** What joins these two? The facing ends, the fittings between, every method with its verdict; in a job and on the bench. */
const props = defineProps<{
  a: Pipe
  b: Pipe
  service: Service
  place: Place
  held: HeldProfile
  conditionA?: Condition
  conditionB?: Condition
  tools?: readonly OwnedTool[]
  chosen?: ChainChoice
  method?: MethodId
  choosable?: boolean
  /** The method of the plain coupling that stands between them where no fittings were chosen; null where none does. */
  plain?: MethodId | null
  /** What the two are called here. */
  names?: readonly [string, string]
}>()
const emit = defineEmits<{ chain: [chain: Chain]; method: [method: MethodId] }>()
const called = computed(() => props.names ?? (['existing pipe', 'new pipe'] as const))
const { length, tolerance, tell } = useWords()
const { methodFitting } = useMethods()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const profile = computed(() => profileWith(props.held.profile, props.held.own?.changes))
const comparing = ref(false)

const answer = computed(() =>
  join(
    own.catalogue,
    props,
    {
      service: props.service,
      place: props.place,
      conditionA: props.conditionA ?? {},
      conditionB: props.conditionB ?? {},
      profile: props.held.profile,
      changes: props.held.own?.changes,
      tools: props.tools ? [...props.tools] : undefined,
    },
    workshop.costs,
  ),
)
const looked = ref(0)
/** What is drawn: the chosen fittings, or those that are looked at. */
const shown = computed(() => {
  const { chosen } = props
  const { chains } = answer.value
  const chain = chosen
    ? chains.find(({ fittings }) => fittings.map(({ id }) => id).join() === chosen.fittings.join())
    : (chains[looked.value] ?? chains[0])
  if (!chain) return chosen ? { between: chosen.fittings.map((label) => ({ label })), joints: chosen.joints } : null
  const piece = chain.piece && own.catalogue.pipe(chain.piece.pipe)
  const between = inLine(chain).map((label, at) => ({
    label,
    ...(piece && at === chain.piece?.after ? { pipe: piece } : {}),
  }))
  return { between, joints: [chain.joints[0]!.method, chain.joints.at(-1)!.method] as const }
})
/** In a job the figures are those of what is chosen, never of what could be. */
const inUse = computed(() => {
  const { chosen, plain } = props
  if (!props.choosable || chosen) return shown.value
  if (!plain) return null
  const label = own.catalogue.socketFor(plain, props.b)?.label
  return label ? { between: [{ label: `${label} coupling` }], joints: [plain, plain] as const } : null
})
const drawn = computed(() => inUse.value ?? shown.value)
const ends = computed(() =>
  ([props.a, props.b] as const).map((pipe, index) => {
    const method = inUse.value?.joints[index]
    const insertion = method ? (socketInChain(own.catalogue, method, pipe)?.insertion ?? null) : null
    return {
      label: `Insertion depth, ${called.value[index]}${method ? `, ${methodFitting(method)}` : ''}`,
      mm: insertion?.mm ?? null,
      tolerance: insertion ? tolerance(insertion.tolerance) : '',
      basis: insertion?.basis ?? (method ? 'measure the socket' : 'Nothing joins them'),
    }
  }),
)
const depths = computed(() => [ends.value[0]?.mm ?? null, ends.value[1]?.mm ?? null] as const)
/** A method is used along a run only where the catalogue has its sockets for the pipe. */
const usable = computed(
  () => new Set(methodIds.filter((method) => props.choosable && own.catalogue.socketFor(method, props.b))),
)
</script>

<template>
  <div class="space-y-6">
    <!-- On a phone what to use comes before what it depends on. -->
    <div class="grid gap-6 max-lg:flex max-lg:flex-col max-lg:gap-3 lg:grid-cols-2">
      <section class="min-w-0 max-lg:contents" aria-label="The two ends">
        <div v-if="choosable && !inUse" data-readout>
          <p class="font-label text-2xl font-semibold">No fittings chosen yet</p>
          <p>Press <strong>Use</strong> beside one: its insertion depths are shown here.</p>
        </div>
        <div v-else class="grid grid-cols-2 gap-4">
          <Readout
            v-for="(end, index) in ends"
            :key="index"
            :label="end.label"
            :value="length(end.mm)"
            :tolerance="end.tolerance"
            :basis="end.basis"
          />
        </div>
        <FacingEnds class="max-sm:max-h-28 sm:my-3" :a="a" :b="b" :between="drawn?.between ?? []" :depths="depths" />
        <div class="max-lg:order-2"><slot /></div>
      </section>
      <section class="min-w-0 max-lg:order-1" aria-label="Fittings between">
        <h2 class="heading mb-1">Fittings between the two</h2>
        <p v-if="answer.none" class="border-l-4 border-(--ui-error) pl-3">{{ tell(answer.none) }}</p>
        <ChainList
          :chains="answer.chains"
          :chosen="chosen?.fittings"
          :choosable="choosable"
          @look="(index) => (looked = index)"
          @choose="(chain) => emit('chain', chain)"
        />
      </section>
    </div>
    <div>
      <PushButton :aria-pressed="comparing" :active="comparing" @click="comparing = !comparing">
        <UIcon name="i-lucide-scale" class="size-5" />Compare methods for the {{ called[1] }}
      </PushButton>
      <LazyMethodCompare v-if="comparing" class="mt-3" :verdicts="answer.ends.b" :profile="profile" :tools="tools" />
    </div>
    <div class="grid gap-6 lg:grid-cols-2">
      <section class="min-w-0" :aria-label="`Methods for the ${called[1]}`">
        <h2 class="heading mb-1">Methods for the {{ called[1] }}</h2>
        <MethodTable :verdicts="answer.ends.b" :chosen="method" :usable="usable" @choose="(of) => emit('method', of)" />
      </section>
      <section class="min-w-0" :aria-label="`Methods on the ${called[0]}`">
        <h2 class="heading mb-1">Methods on the {{ called[0] }}</h2>
        <MethodTable :verdicts="answer.ends.a" :chosen="undefined" />
      </section>
    </div>
    <p class="text-sm text-muted">
      Local code, the maker’s instructions and a licensed person come first. Never for gas.
    </p>
  </div>
</template>
