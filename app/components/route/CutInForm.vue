<script setup lang="ts">
import type { Figure } from '~~/core/quantity/basis'
import { cutIn, typicalSlipLength } from '~~/core/route/cut-in'

/** Cutting a fitting into a line that is there: what to take out, and what to do where it cannot be sprung apart. */
const props = defineProps<{ takeOff: Figure | null; insertion: Figure | null; what: string }>()
const { length, tolerance, problemOf } = useWords()
const play = ref<number | undefined>(0)
const slip = ref<number | undefined>()
const slipLength = computed(() => slip.value ?? (props.insertion ? typicalSlipLength(props.insertion.mm) : 0))
const found = computed(() => {
  const { takeOff, insertion } = props
  if (!takeOff || !insertion || play.value === undefined) return null
  try {
    return { ...cutIn({ takeOff, insertion, play: play.value, slipLength: slipLength.value }), problem: '' }
  } catch (error) {
    return { problem: problemOf(error) }
  }
})
const lengths = { min: 0, max: 1000 }
</script>

<template>
  <div class="space-y-3">
    <p v-if="!takeOff || !insertion" class="text-(--ui-warning)">
      The take-off or depth of {{ what }} is not known: measure it first.
    </p>
    <template v-else>
      <div class="grid grid-cols-2 gap-3">
        <LengthField
          label="The ends can be sprung apart by"
          :limits="lengths"
          :model-value="play"
          @update:model-value="(mm) => (play = mm)"
        />
        <LengthField
          label="Length of the slip coupling"
          optional
          :limits="lengths"
          :model-value="slip"
          @update:model-value="(mm) => (slip = mm)"
        />
      </div>
      <p v-if="found?.problem" role="alert" class="text-(--ui-error)">{{ found.problem }}</p>
      <template v-else-if="found && 'remove' in found">
        <div class="grid grid-cols-2 gap-4">
          <Readout
            label="Take out of the line"
            :value="length(found.makeUpPiece?.remove ?? found.remove)"
            :tolerance="tolerance(found.tolerance)"
            :basis="takeOff.basis"
          />
          <Readout
            label="Play it needs"
            :value="length(found.playNeeded)"
            :basis="found.makeUpPiece ? 'there is not enough' : 'there is enough: spring it in'"
          />
        </div>
        <p v-if="found.makeUpPiece">
          {{ found.makeUpPiece.couplings === 1 ? 'One new piece' : 'Two new pieces' }} of
          <strong>{{ length(found.makeUpPiece.piece) }}</strong>,
          {{ found.makeUpPiece.couplings === 1 ? 'a slip coupling' : 'a slip coupling at each end' }}, gap
          <strong>{{ length(found.makeUpPiece.gap) }}</strong> under it. Mark old and new pipe
          <strong>{{ length(found.makeUpPiece.mark) }}</strong>
          from their ends: there the coupling’s mouths must stand.
        </p>
        <p class="text-sm text-muted">
          Water off and drained first. Slip coupling of {{ length(slipLength)
          }}{{ slip === undefined ? ', typical: type the length of yours' : '' }}.
        </p>
      </template>
    </template>
  </div>
</template>
