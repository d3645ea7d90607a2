<script setup lang="ts">
import { keptBender } from '~~/core/job/bender-of-job'
import type { LengthLimits } from '~~/core/quantity/parse-length'
import type { Bar } from '~~/core/cut/stock'
import type { PipeStock } from '~~/core/cut/lay-pieces'
import { setStock } from '~~/core/edit/stock/edit-stock'
import { planJob } from '~~/core/plan/plan-job'
import { joinLong, type JoinedLong } from '~~/core/edit/stock/join-long'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'

const { store, job, plan, change } = useOpenJob()
const { tell, trade } = useWords()
const selection = useSelectionStore()
const own = useCatalogueStore()
const { rack, stock: stocks, kerf, keep, withoutRack, offcutsOf, cuttingOf, laid, lay } = useCutting()
const piece = computed(() => plan.value.pieces.find(({ id }) => id === selection.piece) ?? plan.value.pieces[0])
const pipe = computed(() => own.catalogue.pipe(piece.value?.pipe ?? ''))
const bender = computed(() => (pipe.value ? (keptBender(job.value, pipe.value.od) ?? null) : null))
const stockLimits: LengthLimits = { min: 100, max: 200_000 }
const kerfLimits: LengthLimits = { min: 0, max: 20 }
const keepLimits: LengthLimits = { min: 0, max: 10_000 }
const offcuts = computed(() =>
  rack.offcuts.filter((offcut) => plan.value.stock.some(({ pipe }) => pipe === offcut.pipe)),
)

const tooLong = computed(() => plan.value.stock.flatMap(({ tooLong: of }) => of))
const unjoined = ref<JoinedLong['problems']>([])
function putCouplings(): void {
  const joined = joinLong(own.catalogue, job.value, randomIds, {
    plan: plan.value,
    replan: (of) => planJob(of, own.catalogue),
  })
  unjoined.value = joined.problems
  change(joined.job)
}

const bookCut = ({ pipe }: PipeStock, bars: readonly Bar[]) =>
  rack.book({
    for: job.value.title,
    takes: bars.flatMap(({ offcut }) => (offcut === undefined ? [] : [Number(offcut)])),
    leaves: bars.filter(({ rest }) => rest >= keep.value && rest > 0).map(({ rest }) => ({ pipe, mm: rest })),
    cutting: { job: store.id, pipe, bars: bars.map((bar) => ({ ...bar, pieces: [...bar.pieces] })) },
  })
/** As high as its heading, its bars and its field will be. */
const roomOf = ({ bars }: PipeStock) => `${13 + 6.75 * bars.length}rem`
const addOffcut = (offcut: { pipe: string; mm: number }) => rack.book({ for: 'the van', takes: [], leaves: [offcut] })
const scrap = (id: number) => rack.book({ for: 'thrown away', takes: [id], leaves: [] })
</script>

<template>
  <div>
    <CutIns v-if="!piece" :plan="plan" class="mb-4" />
    <div v-if="!piece" class="space-y-4">
      <p v-if="plan.joints.length === 0">
        Nothing to cut yet: draw a run in <strong>Route</strong>, and its pieces stand here.
      </p>
      <template v-else>
        <p>No new pipe to cut in this job.</p>
        <BringList :laid="laid" />
      </template>
    </div>
    <div v-else class="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
      <section class="space-y-4" aria-label="Pieces">
        <PieceReadout :piece="piece" />
        <LazyBendSheetView
          v-if="piece.tube && pipe"
          :tube="piece.tube"
          :bender="bender"
          :pipe="pipe"
          :title="`${job.title}, ${piece.id}`"
        />
        <KeptBenderNote v-if="piece.tube && pipe" :od="pipe.od" />
        <PieceTube v-else :piece="piece" />
        <PieceTable :pieces="plan.pieces" :selected="piece.id" @select="(id) => (selection.piece = id)" />
        <CutIns :plan="plan" />
      </section>
      <section class="space-y-6" aria-label="Stock and parts">
        <p v-if="rack.problem" role="alert" class="font-semibold text-(--ui-error)">{{ rack.problem }}</p>
        <p v-else-if="rack.state === 'away'" class="text-(--ui-warning)">
          The rack cannot be read: planned on new lengths only.
        </p>
        <div v-if="tooLong.length" class="space-y-2" role="group" aria-label="Too long for their stock">
          <p class="text-(--ui-warning)">Longer than a stock length: {{ tooLong.map(({ id }) => id).join(', ') }}.</p>
          <PushButton color="primary" variant="solid" @click="putCouplings">Put couplings in</PushButton>
          <p v-for="{ piece: id, why } in unjoined" :key="id" role="alert" class="text-(--ui-error)">
            {{ id }}: {{ tell(why) }}.
          </p>
          <p class="text-sm text-muted">
            {{ trade('Whole lengths first, clear of bends, clips and joists; undo takes them out.') }}
          </p>
        </div>
        <!-- Its room is kept until the rack was read and the search has laid the pieces. -->
        <div v-for="stock in stocks" :key="stock.pipe" :style="{ minHeight: roomOf(stock) }">
          <LazyStockSearch
            v-if="rack.state !== 'loading'"
            :stock="stock"
            :kerf="kerf"
            :keep="keep"
            :offcuts="offcutsOf(stock.pipe)"
            :cutting="cuttingOf(stock.pipe)"
            :selected="piece.id"
            @select="(id) => (selection.piece = id)"
            @cut="(bars) => bookCut(stock, bars)"
            @laid="(bars) => lay(stock.pipe, bars)"
          >
            <LengthField
              label="Stock length"
              :limits="stockLimits"
              :model-value="stock.length"
              @update:model-value="(mm) => mm !== undefined && change(setStock(job, { pipe: stock.pipe, length: mm }))"
            />
          </LazyStockSearch>
        </div>
        <div class="grid grid-cols-2 gap-3">
          <LengthField
            label="Saw kerf (wheel cutter: 0)"
            :limits="kerfLimits"
            :model-value="kerf"
            @update:model-value="(mm) => mm !== undefined && change(setStock(job, { kerf: mm }))"
          />
          <LengthField
            label="Shortest offcut to keep"
            :limits="keepLimits"
            :model-value="keep"
            @update:model-value="(mm) => mm !== undefined && change(setStock(job, { keep: mm }))"
          />
        </div>
        <CheckBox
          label="New lengths only, no offcuts"
          :model-value="withoutRack"
          @update:model-value="(out) => change(setStock(job, { withoutRack: out }))"
        />
        <RackList :offcuts="offcuts" :pipes="plan.stock" @add="addOffcut" @scrap="scrap" />
        <BringList :laid="laid" />
      </section>
    </div>
  </div>
</template>
