<script setup lang="ts">
import { systemsOf } from '~~/core/job/system'
import { cardKinds } from '~~/core/procedure/card-kinds'
import { runSheet } from '~~/core/draw/sheet'
import { systemName } from '~~/core/run/names'
import { sheetColours } from '~/drawing/sheet-colours'
import { useCatalogueStore } from '~/stores/catalogue'

/** The job on paper: drawings, cut list, bends, stock, what to bring, plan of work, a card for each kind of joint. */
const { built: job, plan } = useOpenJob()
const { joints, cardOf, placeOf, facingOf, runName } = useJointCards()
const { length, trade } = useWords()
const page = usePaper()
const own = useCatalogueStore()
const celsius = useAirTemperature()
const { rack, stock, kerf, keep, offcutsOf, cuttingOf, laid, lay, sheetOf } = useCutting()
const print = () => window.print()

const made = computed(() => joints.value.filter(({ verdict }) => verdict !== 'refuse'))
const refused = computed(() => joints.value.filter(({ verdict }) => verdict === 'refuse'))
const kinds = computed(() =>
  cardKinds(made.value.map((joint) => ({ joint, card: cardOf(joint), reasons: joint.reasons }))),
)
const drawings = computed(() =>
  systemsOf(job.value).map((system) => ({
    id: system.id,
    svg: runSheet(own.catalogue, system, 'isometric', {
      paper: page.value,
      title: `${job.value.title}: ${systemName(job.value, system)}`,
      length,
      colours: sheetColours,
      pieceOf: new Map(plan.value.pieces.flatMap(({ id, legs }) => legs.map((leg) => [leg, id]))),
    }),
  })),
)
const bent = computed(() =>
  plan.value.pieces.flatMap((piece) => {
    const sheet = sheetOf(piece)
    return sheet ? [{ piece, sheet }] : []
  }),
)
</script>

<template>
  <div class="mx-auto max-w-4xl space-y-6">
    <div class="no-print flex flex-wrap gap-3">
      <UButton label="Print" icon="i-lucide-printer" color="primary" variant="solid" @click="print" />
      <p class="self-center text-muted">
        {{
          trade(
            'Drawings, cut list, bends, stock, what to bring, clips, plan of work, and a card for each kind of joint.',
          )
        }}
      </p>
    </div>
    <p class="heading text-3xl!">{{ job.title }}</p>
    <!-- eslint-disable-next-line vue/no-v-html -- drawn here, its words escaped -->
    <div v-for="{ id, svg } in drawings" :key="id" class="sheet keep-whole bg-white" v-html="svg" />
    <section class="keep-whole">
      <h2 class="heading">Cut list</h2>
      <PieceTable :pieces="plan.pieces" ticks />
    </section>
    <section v-for="{ piece, sheet } in bent" :key="piece.id" class="keep-whole">
      <h2 class="heading">Bends of {{ piece.id }}, cut at {{ length(sheet.blank) }}</h2>
      <BendMarks :sheet="sheet" />
    </section>
    <template v-if="rack.state !== 'loading'">
      <LazyStockSearch
        v-for="of in stock"
        :key="of.pipe"
        class="keep-whole"
        :stock="of"
        :kerf="kerf"
        :keep="keep"
        :offcuts="offcutsOf(of.pipe)"
        :cutting="cuttingOf(of.pipe)"
        selected=""
        printed
        @laid="(bars) => lay(of.pipe, bars)"
      />
    </template>
    <section class="keep-whole">
      <h2 class="heading">What to bring</h2>
      <PartsList :plan="plan" :laid="laid" ticks />
    </section>
    <section>
      <h2 class="heading">{{ trade('Clips') }}</h2>
      <ClipTable :job="job" :plan="plan" />
    </section>
    <section v-if="made.length">
      <h2 class="heading">Plan of work</h2>
      <LazyWorkPlan :celsius="celsius ?? 20" printed />
    </section>
    <section v-if="refused.length" aria-label="Not allowed" class="keep-whole">
      <h2 class="heading">Not allowed</h2>
      <div v-for="joint in refused" :key="joint.id">
        <p>{{ joint.number }}, {{ runName(joint.run) }}: {{ placeOf(joint) }}</p>
        <ReasonList :reasons="joint.reasons.filter(({ verdict }) => verdict === 'refuse')" />
      </div>
    </section>
    <section class="gap-6 space-y-4 print:columns-2">
      <JointCardPrint
        v-for="kind in kinds"
        :key="kind.joints[0]!.id"
        :kind="kind"
        :place-of="
          (joint) =>
            [`${joint.number}, ${runName(joint.run)}: ${placeOf(joint)}`, facingOf(joint)].filter(Boolean).join('. ')
        "
      />
    </section>
    <p class="text-sm">Local code, the makers’ instructions and a licensed person come first.</p>
  </div>
</template>

<style scoped>
.sheet :deep(svg) {
  width: 100%;
  height: auto;
}
</style>
