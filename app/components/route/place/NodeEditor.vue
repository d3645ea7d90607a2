<script setup lang="ts">
import type { MethodId } from '~~/core/methods/ids'
import { nodeKinds } from '~~/core/job/kinds'
import type { Node } from '~~/core/job/job'
import { nodeWord } from '~~/core/job/node-legs'
import { usualMixer } from '~~/core/run/mixer'
import { placeLimits } from '~~/core/quantity/parse-length'

/** What stands at a node: its kind, method, and the figures of the part in the hand. */
const props = defineProps<{
  node: Node
  runMethod: MethodId
  isPlastic: boolean
  /** All pipe that meets here is there already. */
  isThere: boolean
  /** One leg meets here, or none yet. */
  isEnd: boolean
  /** In mm: the one that is fixed, as it is told, and how high it stands over the floor; whether that is known. */
  heights: { fixed: number | undefined; overFloor: number | undefined; hasFloor: boolean }
}>()
const emit = defineEmits<{
  change: [change: Partial<Omit<Node, 'id'>>]
  kind: [kind: Node['kind']]
  height: [mm: number | undefined]
}>()

/** Existing pipe is tied into at an end of a run. */
const kinds = computed(() =>
  nodeKinds
    .filter((kind) => kind !== 'tie-in' || props.isEnd)
    .map((value) => ({ value, label: value === 'tie-in' ? 'tie-in to existing pipe' : nodeWord(value) })),
)
const { methodName, methodItems: all } = useMethods()
const { length, trade } = useWords()
const methodItems = computed(() => [
  { value: 'run' as string, label: `as the run: ${methodName(props.runMethod)}` },
  ...all.value,
])
const mixer = computed(() => props.node.mixer ?? usualMixer)
const { ways } = useWays()
/** A stop end on a line that stays, for instance, is put in where no new pipe is. */
const states = [
  { value: 'existing', label: 'there already' },
  { value: 'new', label: 'put in now' },
  { value: 'comes out', label: 'comes out' },
] as const
const takeOffLimits = { min: 0, max: 500 }
const insertionLimits = { min: 1, max: 200 }
const radiusLimits = { min: 1, max: 2000 }
const measure = (change: Partial<NonNullable<Node['measured']>>) => {
  const measured = { tolerance: 0.5, ...props.node.measured, ...change }
  const isEmpty =
    measured.takeOff === undefined && measured.branchTakeOff === undefined && measured.insertion === undefined
  emit('change', { measured: isEmpty ? undefined : measured })
}
const setMethod = (value: string) => emit('change', { method: value === 'run' ? undefined : (value as MethodId) })
</script>

<template>
  <section class="space-y-3" aria-label="What stands here">
    <div class="grid grid-cols-2 gap-3">
      <Choice
        label="What stands here"
        :items="kinds"
        :model-value="node.kind"
        @update:model-value="(kind) => emit('kind', kind)"
      />
      <Choice
        label="Method here"
        :items="methodItems"
        :model-value="node.method ?? 'run'"
        @update:model-value="setMethod"
      />
    </div>
    <slot />
    <Choice
      v-if="isThere && node.kind !== 'open' && node.kind !== 'bend'"
      label="This fitting"
      :items="states"
      :model-value="node.state ?? 'existing'"
      @update:model-value="(state) => emit('change', { state })"
    />
    <CheckBox
      v-if="node.kind === 'bend' && isPlastic"
      label="A bend support holds it"
      :model-value="node.held ?? false"
      @update:model-value="(on) => emit('change', { held: on || undefined })"
    />
    <div v-if="node.kind === 'mixer'" class="grid grid-cols-2 gap-3">
      <LengthField
        :label="trade('Hot to cold, centre to centre')"
        :of="node.id"
        :limits="{ min: 1, max: 1000 }"
        :model-value="mixer.centres"
        @update:model-value="(centres) => centres !== undefined && emit('change', { mixer: { ...mixer, centres } })"
      />
      <Choice
        label="From hot to cold"
        :items="ways"
        :model-value="typeof mixer.across === 'string' ? mixer.across : 'east'"
        @update:model-value="(across) => emit('change', { mixer: { ...mixer, across } })"
      />
    </div>
    <div class="grid grid-cols-2 gap-3">
      <LengthField
        v-if="node.kind !== 'bend' && node.kind !== 'in-line'"
        label="Take-off, measured"
        optional
        :of="node.id"
        :limits="takeOffLimits"
        :model-value="node.measured?.takeOff"
        @update:model-value="(mm) => measure({ takeOff: mm })"
      />
      <LengthField
        v-if="node.kind === 'tee'"
        label="Take-off of its branch"
        optional
        :of="node.id"
        :limits="takeOffLimits"
        :model-value="node.measured?.branchTakeOff"
        @update:model-value="(mm) => measure({ branchTakeOff: mm })"
      />
      <LengthField
        v-if="node.kind !== 'bend'"
        label="Socket depth, measured"
        optional
        :of="node.id"
        :limits="insertionLimits"
        :model-value="node.measured?.insertion"
        @update:model-value="(mm) => measure({ insertion: mm })"
      />
      <LengthField
        v-if="node.kind === 'bend'"
        :label="trade('Centre-line radius')"
        optional
        :of="node.id"
        :limits="radiusLimits"
        :model-value="node.radius"
        @update:model-value="(mm) => emit('change', { radius: mm })"
      />
      <LengthField
        :label="heights.hasFloor ? 'Fixed height over the floor' : 'Fixed height, from the run’s start'"
        optional
        :of="node.id"
        :limits="placeLimits"
        :model-value="heights.fixed"
        @update:model-value="(mm) => emit('height', mm)"
      />
      <LengthField
        label="Measured from the floor"
        optional
        :of="node.id"
        :limits="placeLimits"
        :model-value="node.overFloor"
        @update:model-value="(mm) => emit('change', { overFloor: mm })"
      />
    </div>
    <p v-if="heights.overFloor !== undefined" data-over-floor>Stands {{ length(heights.overFloor) }} over the floor.</p>
    <p class="text-sm text-muted">
      {{ trade('Take-off: centre to face less socket depth. Your own measurement overrules the catalogue.') }}
    </p>
  </section>
</template>
