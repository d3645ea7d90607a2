<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { PlanPiece } from '~~/core/build/planned'

/** The cut list: every piece with its length, tolerance and marks. */
defineProps<{ pieces: readonly PlanPiece[]; selected?: string; ticks?: boolean }>()
const emit = defineEmits<{ select: [piece: string] }>()
const { length, tolerance } = useWords()
const mark = (end: PlanPiece['ends'][0]) => (end.method === null ? 'open' : length(end.insertion))
const label = (id: string) => shippedCatalogue.pipe(id)?.label.split(' · ')[0] ?? id
</script>

<template>
  <table class="w-full text-left">
    <thead>
      <tr class="label">
        <th>Piece</th>
        <th class="text-right">Cut</th>
        <th class="text-right">±</th>
        <th class="text-right">Mark</th>
        <th class="text-right">Mark</th>
        <th class="hidden pl-4 sm:table-cell">Pipe</th>
      </tr>
    </thead>
    <tbody class="ruled">
      <tr
        v-for="piece in pieces"
        :key="piece.id"
        class="h-11 cursor-pointer print:h-7"
        :class="piece.id === selected ? 'bg-(--ui-bg-muted)' : ''"
        @click="emit('select', piece.id)"
      >
        <td class="whitespace-nowrap">
          <TickBox v-if="ticks" class="mr-2" />
          <UButton
            variant="ghost"
            color="primary"
            class="min-w-11 px-1 font-label text-lg font-semibold print:min-h-0 print:py-0"
            :label="piece.id"
            :aria-label="`Show piece ${piece.id}`"
          />
        </td>
        <td
          class="text-right font-label text-lg font-semibold"
          :class="piece.cut === null ? 'text-(--ui-warning)' : ''"
        >
          {{ length(piece.cut) }}
        </td>
        <td class="text-right">{{ piece.tolerance === null ? '' : tolerance(piece.tolerance) }}</td>
        <td class="text-right">{{ mark(piece.ends[0]) }}</td>
        <td class="text-right">{{ mark(piece.ends[1]) }}</td>
        <td class="hidden pl-4 sm:table-cell">{{ label(piece.pipe) }}</td>
      </tr>
    </tbody>
  </table>
</template>
