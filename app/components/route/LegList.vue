<script setup lang="ts">
import type { System } from '~~/core/job/system'
import type { Axis, Leg, LegState } from '~~/core/job/job'
import { hasNoPipe } from '~~/core/run/states'
import { namesIn } from '~~/core/run/names'
import { asAngles } from '~~/core/run/turning'
import type { PlanPiece } from '~~/core/pipework/planned'
import { useSelectionStore } from '~/stores/selection'

/** The legs of a run: direction, centre to centre, and the cut that follows. One is looked at; several can be selected. */
const props = defineProps<{ system: System; pieces: readonly PlanPiece[]; leg: string; chosen: ReadonlySet<string> }>()
const emit = defineEmits<{
  select: [id: string]
  choose: [id: string]
  change: [id: string, change: Partial<Omit<Leg, 'id'>>]
  remove: [id: string]
}>()
const several = ref(false)
const selection = useSelectionStore()
const list = useTemplateRef('list')
watchPostEffect(() => {
  if (selection.wants !== 'length') return
  selection.wants = null
  const field = list.value?.querySelector('input')
  field?.focus()
  field?.select()
})
const { units, length, trade } = useWords()
const names = computed(() => namesIn(props.system))

const pieceOf = computed(() => new Map(props.pieces.flatMap((piece) => piece.legs.map((id) => [id, piece] as const))))
const selected = computed(() => props.system.legs.find(({ id }) => id === props.leg))
const { said, ways: named } = useWays()
const ways = computed(
  () =>
    [...named.value, { value: 'other', label: 'any angle' }] as {
      value: Axis | 'other'
      label: string
    }[],
)
const states = [
  { value: 'new', label: 'new pipe' },
  { value: 'existing', label: 'existing' },
  { value: 'comes out', label: 'comes out' },
  { value: 'no pipe', label: 'no pipe' },
] as { value: LegState | 'new'; label: string }[]
/** What is still to be said before the leg can be what was chosen. */
const wanted = ref('')
watch([() => props.leg, () => selected.value?.length], () => (wanted.value = ''))
const isClose = computed(() => selected.value !== undefined && hasNoPipe(selected.value))
/** What two fittings made is no tolerance of pipe. */
const asPipe = (state: Leg['state']): Partial<Leg> => ({ state, ...(isClose.value ? { tolerance: undefined } : {}) })
/** New pipe has a length that somebody measured: none is made up for it. */
function setState(value: LegState | 'new'): void {
  if (value === 'no pipe') return emit('change', props.leg, { state: value, length: null })
  if (value !== 'new') return emit('change', props.leg, asPipe(value))
  if (selected.value?.length === null) wanted.value = trade('Type the length first, centre to centre')
  else emit('change', props.leg, asPipe(undefined))
}
/** A length typed where there was no pipe is pipe; one that is rubbed out does not matter. */
function setLength(mm: number | undefined): void {
  if (mm !== undefined) emit('change', props.leg, { length: mm, ...(isClose.value ? asPipe(undefined) : {}) })
  else if (!isClose.value) emit('change', props.leg, { length: null })
}
const lengthWords = ({ length: mm }: Leg) => (mm === null ? '' : length(mm))
const slant = computed(() => {
  const direction = selected.value?.direction
  return direction && typeof direction !== 'string' ? direction : null
})
function setWay(value: Axis | 'other'): void {
  if (value !== 'other') return emit('change', props.leg, { direction: value })
  const before = selected.value?.direction ?? 'north'
  // The same way, said by its angles: nothing moves until one of them is typed anew.
  emit('change', props.leg, { direction: asAngles(before) })
}
</script>

<template>
  <section ref="list" aria-label="Legs">
    <ol class="ruled border-y border-(--ui-border)">
      <li
        v-for="drawn in system.legs"
        :key="drawn.id"
        v-memo="[
          drawn,
          drawn.id === leg,
          several,
          chosen.has(drawn.id),
          pieceOf.get(drawn.id)?.id,
          pieceOf.get(drawn.id)?.cut,
          names.node(drawn.to),
          units,
        ]"
        class="row flex"
        :class="drawn.id === leg ? 'bg-(--ui-bg-muted)' : ''"
      >
        <button
          v-if="several"
          type="button"
          role="checkbox"
          class="key quiet"
          :aria-checked="chosen.has(drawn.id)"
          :aria-label="`Choose ${names.leg(drawn.id)}`"
          @click="emit('choose', drawn.id)"
        >
          <UIcon :name="chosen.has(drawn.id) ? 'i-lucide-square-check' : 'i-lucide-square'" class="size-5" />
        </button>
        <button
          type="button"
          class="grid min-h-11 w-full grid-cols-[2.5rem_1fr_6.5rem] items-center gap-2 px-1 text-left"
          :aria-pressed="drawn.id === leg"
          :aria-label="`${pieceOf.get(drawn.id)?.id ?? drawn.state ?? ''}, ${names.leg(drawn.id)}, ${said(drawn.direction)} ${lengthWords(drawn)}`"
          @click="emit('select', drawn.id)"
        >
          <span class="font-label font-semibold text-(--ui-primary)">{{ pieceOf.get(drawn.id)?.id }}</span>
          <span>
            {{ said(drawn.direction) }} {{ lengthWords(drawn) }}
            <span class="text-sm text-muted">to {{ names.node(drawn.to) }}</span>
          </span>
          <span
            class="text-right font-label text-lg font-semibold"
            :class="pieceOf.get(drawn.id)?.cut === null ? 'text-(--ui-warning)' : ''"
            ><span v-if="drawn.state" class="text-base font-medium text-muted">{{ drawn.state }}</span
            ><template v-else>{{ length(pieceOf.get(drawn.id)?.cut ?? null) }}</template></span
          >
        </button>
      </li>
    </ol>
    <p v-if="wanted" role="alert" class="px-1 pt-2 text-(--ui-error)">{{ wanted }}</p>
    <p v-else-if="selected?.state && !hasNoPipe(selected)" class="px-1 pt-2 text-sm text-muted">
      Leave its length empty if it does not matter.
    </p>
    <div v-if="selected" class="flex flex-wrap items-end gap-2 px-1 pt-2">
      <LengthField
        class="min-w-32 flex-1"
        :label="trade('Centre to centre')"
        :of="selected.id"
        :optional="selected.state !== undefined"
        :model-value="selected.length ?? undefined"
        @update:model-value="setLength"
      />
      <!-- Plain, as the rest of the list: it is drawn anew with every leg that is typed. -->
      <div role="group" aria-label="This pipe" class="flex gap-1">
        <button
          v-for="{ value, label } in states"
          :key="value"
          type="button"
          class="key"
          :aria-pressed="(selected.state ?? 'new') === value"
          @click="setState(value)"
        >
          {{ label }}
        </button>
      </div>
      <Choice
        label="Direction"
        class="w-28"
        :items="ways"
        :model-value="typeof selected.direction === 'string' ? selected.direction : 'other'"
        @update:model-value="setWay"
      />
      <template v-if="slant">
        <NumberField
          label="Bearing"
          unit="°"
          class="w-24"
          :least="-360"
          :most="360"
          :model-value="slant.bearing"
          @update:model-value="
            (bearing) => bearing !== undefined && emit('change', leg, { direction: { bearing, pitch: slant!.pitch } })
          "
        />
        <NumberField
          label="Pitch"
          unit="°"
          class="w-24"
          :least="-90"
          :most="90"
          :model-value="slant.pitch"
          @update:model-value="
            (pitch) => pitch !== undefined && emit('change', leg, { direction: { bearing: slant!.bearing, pitch } })
          "
        />
      </template>
      <button type="button" class="key" :aria-pressed="several" @click="several = !several">Select several</button>
      <button
        type="button"
        class="key quiet"
        :aria-label="`Remove ${names.leg(leg)} and what follows it`"
        @click="emit('remove', leg)"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </button>
    </div>
  </section>
</template>

<style scoped>
/* What is out of sight of a long list is not laid out. */
.row {
  content-visibility: auto;
  contain-intrinsic-size: auto 2.8125rem;
}
</style>
