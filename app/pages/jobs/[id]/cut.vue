<script setup lang="ts">
import type { LengthLimits } from '~~/core/quantity/parse-length'
import { setStock } from '~~/core/job/edit-stock'
import { useSelectionStore } from '~/stores/selection'

const { job, plan, change } = useOpenJob()
const selection = useSelectionStore()
const piece = computed(() => plan.value.pieces.find(({ id }) => id === selection.piece) ?? plan.value.pieces[0])
const stockLimits: LengthLimits = { min: 100, max: 200_000 }
const kerfLimits: LengthLimits = { min: 0, max: 20 }
</script>

<template>
  <div>
    <p v-if="!piece">Nothing to cut yet: draw a run in <strong>Route</strong>, and its pieces stand here.</p>
    <div v-else class="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
      <section class="space-y-4" aria-label="Pieces">
        <PieceReadout :piece="piece" />
        <PieceTube :piece="piece" />
        <PieceTable :pieces="plan.pieces" :selected="piece.id" @select="(id) => (selection.piece = id)" />
      </section>
      <section class="space-y-6" aria-label="Stock and parts">
        <div v-for="stock in plan.stock" :key="stock.pipe" class="space-y-2">
          <h2 class="heading">{{ stock.label }}</h2>
          <StockBar
            v-for="(bar, index) in stock.bars"
            :key="index"
            :bar="bar"
            :number="index + 1"
            :selected="piece.id"
            @select="(id) => (selection.piece = id)"
          />
          <p v-if="stock.unknown.length" class="text-sm text-(--ui-warning)">
            Not laid, no cut length yet: {{ stock.unknown.join(', ') }}
          </p>
          <p v-if="stock.tooLong.length" class="text-sm text-(--ui-error)">
            Longer than a stock length: {{ stock.tooLong.map(({ id }) => id).join(', ') }}
          </p>
          <LengthField
            label="Stock length"
            :limits="stockLimits"
            :model-value="stock.length"
            @update:model-value="(mm) => mm !== undefined && change(setStock(job, { pipe: stock.pipe, length: mm }))"
          />
        </div>
        <LengthField
          label="Taken by a cut (none with a wheel cutter)"
          :limits="kerfLimits"
          :model-value="job.stock?.kerf ?? 0"
          @update:model-value="(mm) => mm !== undefined && change(setStock(job, { kerf: mm }))"
        />
        <div>
          <h2 class="heading">What to bring</h2>
          <PartsList :plan="plan" />
        </div>
      </section>
    </div>
  </div>
</template>
