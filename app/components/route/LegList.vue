<script setup lang="ts">
import type { Direction, Run } from '~~/core/job/job'
import type { PlanPiece } from '~~/core/plan/types'

/** The legs of a run: direction, centre to centre, and the cut that follows. */
const props = defineProps<{ run: Run; pieces: readonly PlanPiece[]; leg: string }>()
const emit = defineEmits<{ select: [id: string]; length: [id: string, mm: number]; remove: [id: string] }>()
const { units, length } = useLengthText()

const pieceOf = computed(() => new Map(props.pieces.flatMap((piece) => piece.legs.map((id) => [id, piece] as const))))
const kind = computed(() => new Map(props.run.nodes.map((node) => [node.id, node.kind])))
const selected = computed(() => props.run.legs.find(({ id }) => id === props.leg))
const way = (direction: Direction) =>
  typeof direction === 'string' ? direction : `${direction.bearing}° / ${direction.pitch}°`
</script>

<template>
  <section aria-label="Legs">
    <ol class="ruled border-y border-(--ui-border)">
      <li
        v-for="drawn in run.legs"
        :key="drawn.id"
        v-memo="[
          drawn,
          drawn.id === leg,
          pieceOf.get(drawn.id)?.id,
          pieceOf.get(drawn.id)?.cut,
          kind.get(drawn.to),
          units,
        ]"
        :class="drawn.id === leg ? 'bg-(--ui-bg-muted)' : ''"
      >
        <button
          type="button"
          class="grid min-h-11 w-full grid-cols-[2.5rem_1fr_6.5rem] items-center gap-2 px-1 text-left"
          :aria-pressed="drawn.id === leg"
          @click="emit('select', drawn.id)"
        >
          <span class="font-label font-semibold text-(--ui-primary)">{{ pieceOf.get(drawn.id)?.id }}</span>
          <span>
            {{ way(drawn.direction) }} {{ length(drawn.length) }}
            <span class="text-sm text-muted">to {{ kind.get(drawn.to) }}</span>
          </span>
          <span
            class="text-right font-label text-lg font-semibold"
            :class="pieceOf.get(drawn.id)?.cut === null ? 'text-(--ui-warning)' : ''"
            >{{ length(pieceOf.get(drawn.id)?.cut ?? null) }}</span
          >
        </button>
      </li>
    </ol>
    <div v-if="selected" class="flex items-end gap-2 px-1 pt-2">
      <LengthField
        class="flex-1"
        label="Centre to centre"
        :of="selected.id"
        :model-value="selected.length"
        @update:model-value="(mm) => mm !== undefined && emit('length', leg, mm)"
      />
      <button
        type="button"
        class="key quiet"
        :aria-label="`Remove leg ${leg} and what hangs on it`"
        @click="emit('remove', leg)"
      >
        <UIcon name="i-lucide-trash-2" class="size-5" />
      </button>
    </div>
  </section>
</template>
