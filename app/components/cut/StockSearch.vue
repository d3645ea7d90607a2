<script setup lang="ts">
import type { PipeStock } from '~~/core/cut/lay-pieces'
import { cutsJust, type Cutting, type RackOffcut } from '~~/core/cut/rack'
import type { Bar } from '~~/core/cut/stock'
import { wasteOf } from '~~/core/cut/waste'
import { useCatalogueStore } from '~/stores/catalogue'

/** The pieces of one pipe on stock lengths and offcuts: the plan found, how sure it is the best, and its booking. */
const props = defineProps<{
  stock: PipeStock
  kerf: number
  keep: number
  offcuts: readonly RackOffcut[]
  cutting?: Cutting
  selected: string
  /** On paper: nothing to press. */
  printed?: boolean
}>()
const emit = defineEmits<{
  select: [piece: string]
  cut: [bars: readonly Bar[]]
  laid: [bars: readonly Bar[] | null]
}>()
const { length, say } = useWords()
const own = useCatalogueStore()
const anew = ref(false)
const booked = computed(() => (props.cutting && !anew.value ? props.cutting : null))
const isCut = computed(() => booked.value !== null && cutsJust(booked.value.bars, props.stock.pieces))

const { progress, running, failed, start, stop } = useStockSearch(() => ({
  pieces: isCut.value ? [] : props.stock.pieces,
  barLength: props.stock.length,
  kerf: props.kerf,
  offcuts: props.offcuts.map(({ id, mm }) => ({ id: String(id), length: mm })),
}))
/** Nothing is shown as laid before the search has looked at the rack; where it fails, the plan's own laying holds. */
const laid = computed(() => {
  if (isCut.value && booked.value) return booked.value.bars
  return progress.value?.plan.bars ?? (failed.value || props.stock.pieces.length === 0 ? props.stock.bars : null)
})
watch(laid, (now) => emit('laid', now), { immediate: true })
const bars = computed(() => laid.value ?? [])
const waste = computed(() => {
  const pipe = own.catalogue.pipe(props.stock.pipe)
  return pipe && laid.value ? wasteOf(laid.value, props.keep, pipe) : null
})
const newLengths = computed(() => bars.value.filter(({ offcut }) => offcut === undefined).length)
const fromRack = computed(() => bars.value.length - newLengths.value)
const kept = computed(() => bars.value.filter(({ rest }) => rest >= props.keep && rest > 0))
const proof = computed(() => {
  if (!progress.value) return running.value ? 'searching …' : ''
  const { newBars, bound, stage, isLargestRemainder } = progress.value
  if (newBars === bound) {
    return isLargestRemainder
      ? 'proven: fewest lengths, longest offcut'
      : 'proven: fewest lengths; a longer offcut may be possible'
  }
  return stage === 'done' || !running.value
    ? `at least ${bound} needed; ${bound} may be enough`
    : `at least ${bound}; searching …`
})
</script>

<template>
  <section class="space-y-2" :aria-label="`Stock of ${stock.label}`">
    <h2 class="heading">{{ stock.label }}</h2>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <p v-if="laid" class="font-label text-2xl font-semibold" data-new-lengths>
        {{ newLengths }} new {{ newLengths === 1 ? 'length' : 'lengths'
        }}<template v-if="fromRack">, {{ fromRack }} from the rack</template>
      </p>
      <p v-if="isCut" class="font-semibold text-(--ui-success)">cut and booked</p>
      <p v-else class="text-sm" aria-live="polite" data-proof>{{ proof }}</p>
      <PushButton v-if="running" class="no-print" @click="stop">
        <UIcon name="i-lucide-square" class="size-4" />Stop here
      </PushButton>
      <PushButton v-else-if="failed || (progress && progress.stage !== 'done')" class="no-print" @click="start">
        Search again
      </PushButton>
    </div>
    <p v-if="failed" role="alert" class="text-(--ui-error)">{{ failed }}</p>
    <p v-if="booked && !isCut" class="font-semibold text-(--ui-warning)">
      Cut before to other lengths: the pieces have changed since.
    </p>
    <StockBar
      v-for="(bar, index) in bars"
      :key="index"
      :bar="bar"
      :number="index + 1"
      :selected="selected"
      :printed="printed"
      @select="(id) => emit('select', id)"
    />
    <div v-if="bars.length" class="flex flex-wrap items-center gap-3">
      <PushButton
        v-if="!isCut && !printed"
        color="primary"
        variant="solid"
        :disabled="running"
        @click="emit('cut', bars)"
      >
        <UIcon name="i-lucide-check" class="size-5" />Mark as cut
      </PushButton>
      <PushButton v-else-if="!printed" @click="anew = true">Plan again</PushButton>
      <p class="text-sm text-muted">
        {{
          kept.length ? `To the rack: ${kept.map(({ rest }) => length(rest)).join(', ')}.` : 'No offcut worth keeping.'
        }}
        <span v-if="waste" data-waste>Waste: {{ length(waste.mm) }}, {{ say.weight(waste.kg) }}.</span>
      </p>
    </div>
    <p v-if="stock.unknown.length" class="text-sm text-(--ui-warning)">
      No cut length yet: {{ stock.unknown.join(', ') }}
    </p>
    <slot />
  </section>
</template>
