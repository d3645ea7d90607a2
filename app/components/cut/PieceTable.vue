<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { PlanPiece } from '~~/core/pipework/planned'
import { siteId } from '~~/core/job/site-id'
import { useLogStore } from '~/stores/log'

/** The cut list: every piece with its length, tolerance and marks. */
defineProps<{ pieces: readonly PlanPiece[]; selected?: string; ticks?: boolean }>()
const emit = defineEmits<{ select: [piece: string] }>()
const { length, tolerance } = useWords()
const mark = (end: PlanPiece['ends'][0]) => (end.method === null ? 'open' : length(end.insertion))
const log = useLogStore()
const { built: job } = useOpenJob()
const sites = computed(() => new Map(job.value.legs.map((leg) => [leg.id, siteId(leg)])))
const siteLeg = ({ legs }: PlanPiece) => sites.value.get(legs[0]!) ?? ''
const isCut = (piece: PlanPiece) => log.state?.cuts[siteLeg(piece)] !== undefined
function cut(piece: PlanPiece): void {
  if (piece.blank !== null)
    log.write(
      { kind: 'pipe-cut', subject: { leg: siteLeg(piece) }, body: { mm: piece.blank } },
      `piece ${piece.id} cut`,
    )
}
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
          <PushButton
            variant="ghost"
            color="primary"
            class="min-w-11 px-1 font-label text-lg font-semibold print:min-h-0 print:py-0"
            :label="piece.id"
            :aria-label="`Show piece ${piece.id}`"
          />
          <template v-if="!ticks && piece.cut !== null">
            <UIcon v-if="isCut(piece)" name="i-lucide-check" class="size-5 text-(--ui-success)" aria-label="cut" />
            <PushButton
              v-else-if="log.who"
              variant="ghost"
              icon="i-lucide-scissors"
              class="min-w-11"
              :aria-label="`Piece ${piece.id} is cut`"
              @click.stop="cut(piece)"
            />
          </template>
        </td>
        <td
          class="text-right font-label text-lg font-semibold"
          :class="piece.cut === null ? 'text-(--ui-warning)' : ''"
        >
          {{ length(piece.blank) }}
          <span v-if="piece.blank !== piece.cut" class="block text-sm font-normal">
            {{ length(piece.cut) }} when bent
          </span>
        </td>
        <td class="text-right">{{ piece.tolerance === null ? '' : tolerance(piece.tolerance) }}</td>
        <td class="text-right">{{ mark(piece.ends[0]) }}</td>
        <td class="text-right">{{ mark(piece.ends[1]) }}</td>
        <td class="hidden pl-4 sm:table-cell">{{ label(piece.pipe) }}</td>
      </tr>
    </tbody>
  </table>
</template>
