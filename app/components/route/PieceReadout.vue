<script setup lang="ts">
import type { PlanPiece } from '~~/core/pipework/planned'

/** The figures of one piece: where to cut, where to mark at either end. */
const props = defineProps<{ piece: PlanPiece }>()
const { atMost, length, tolerance, tell, trade } = useWords()
const { namesIn } = useNames()
const names = computed(() => namesIn(props.piece.run))
const erring = computed(() => {
  const { short, long, err } = props.piece.allowance
  const [shallow, tooLong] = ['shorter leaves it shallow', 'longer won’t seat']
  const isNone = short !== null && atMost(short) === atMost(0)
  if (isNone && long === 0) return `Cut exactly: ${shallow}, ${tooLong}.`
  const aim = err === 'either way' ? 'Long or short, either is OK' : `Aim ${err}`
  const most = short === null ? '' : isNone ? shallow : `up to ${atMost(short)} short is still OK`
  return `${[aim, most, long === 0 ? tooLong : ''].filter(Boolean).join('; ')}.`
})
const marks = computed(() =>
  props.piece.ends.map((end, index) => ({
    label: index === 0 ? 'Mark, near' : 'Mark, far',
    value: end.method === null ? 'open end' : length(end.insertion),
    tolerance: end.method !== null && end.insertionTolerance !== null ? tolerance(end.insertionTolerance) : '',
    basis: end.method === null ? '' : (end.insertionBasis ?? 'measure it'),
  })),
)
</script>

<template>
  <div>
    <div
      class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 sm:grid-cols-[1.5fr_1fr_1fr] sm:gap-4"
      aria-live="polite"
      data-piece-readout
    >
      <Readout
        class="max-sm:row-span-2"
        :label="`Cut ${piece.id}`"
        :value="length(piece.blank)"
        :tolerance="piece.tolerance === null ? '' : tolerance(piece.tolerance)"
        :basis="
          [piece.basis, piece.blank !== piece.cut && `${length(piece.cut)} when bent`].filter(Boolean).join(' · ')
        "
      />
      <Readout v-for="mark in marks" :key="mark.label" v-bind="mark" second />
    </div>
    <details class="mt-1 text-sm">
      <summary class="min-h-8 cursor-pointer max-sm:leading-tight">
        <span v-if="piece.cut !== null" data-err>{{ erring }}&ensp;</span><span class="underline">Why</span>
      </summary>
      <p>{{ trade('Centre to centre, less the take-off at either end:') }}</p>
      <p v-for="(end, index) in piece.ends" :key="index">
        {{ index === 0 ? 'near end' : 'far end' }}, {{ names.node(end.node) }}: take-off {{ length(end.takeOff)
        }}<template v-if="end.takeOffTolerance !== null"> ± {{ tolerance(end.takeOffTolerance) }}</template
        >, {{ end.takeOffBasis ?? 'not known' }}
      </p>
      <p v-for="bend in piece.bends" :key="bend.node">
        {{ names.node(bend.node) }}, {{ bend.angle }}°: start {{ length(bend.start) }}, middle
        {{ length(bend.middle) }}, end {{ length(bend.end) }}, turned {{ bend.turn }}°
      </p>
      <p>The tolerance is the worst case: all of them added.</p>
    </details>
    <p v-if="piece.missing" class="mt-1 font-semibold text-(--ui-warning)">
      <SpokenText :text="tell(piece.missing)" />
    </p>
  </div>
</template>
