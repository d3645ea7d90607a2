<script setup lang="ts">
import { systemsOf } from '~~/core/job/system'
import type { PlanJoint } from '~~/core/pipework/planned'
import { cardKinds } from '~~/core/procedure/card-kinds'
import { onPage, runSheet } from '~~/core/draw/sheet'
import { systemName } from '~~/core/run/names'
import type { PrintSheet } from '~/composables/print/printSheets'
import { sheetColours } from '~/drawing/sheet-colours'
import { useCatalogueStore } from '~/stores/catalogue'

/** The job on paper: drawings, cut list, bends, stock, what to bring, plan of work, a card for each kind of joint. */
const { built: job, plan } = useOpenJob()
const { joints, cardOf, placeOf, facingOf, runName } = useJointCards()
const { figure, length, trade } = useWords()
const page = usePaper()
const own = useCatalogueStore()
const { jointsOf, marks } = useJointMarks()
const { rack, stock, kerf, keep, offcutsOf, cuttingOf, laid, lay, sheetOf } = useCutting()
const print = () => window.print()
usePageMarks()
const route = useRoute()
/** All sheets, or the one of the step that was printed. */
const only = computed(() => printSheets.find((sheet) => sheet === route.query.sheet))
const has = (sheet: PrintSheet) => only.value === undefined || only.value === sheet
const sheetWords: Readonly<Record<PrintSheet, string>> = {
  survey: 'Pipe that is there',
  join: 'Joints',
  route: 'Drawings',
  cut: 'Cutting',
  make: 'Making',
}
const isEmpty = computed(() => plan.value.pieces.length + plan.value.joints.length === 0)
const pipeWords = (joint: PlanJoint) => own.catalogue.pipe(joint.pipe)?.label.split(' · ')[0] ?? joint.pipe
onMounted(() => {
  if (route.query.now !== undefined) void printNow(() => rack.state !== 'loading')
})

const made = computed(() => joints.value.filter(({ verdict }) => verdict !== 'refuse'))
const refused = computed(() => joints.value.filter(({ verdict }) => verdict === 'refuse'))
const kinds = computed(() =>
  cardKinds(made.value.map((joint) => ({ joint, card: cardOf(joint), reasons: joint.reasons }))),
)
const drawings = computed(() =>
  systemsOf(job.value).map((system) => ({
    id: system.id,
    svg: runSheet(own.catalogue, system, 'isometric', {
      size: onPage(page.value),
      title: `${job.value.title}: ${systemName(job.value, system)}`,
      units: job.value.units,
      length: figure,
      colours: sheetColours,
      pieceOf: new Map(plan.value.pieces.flatMap(({ id, legs }) => legs.map((leg) => [leg, id]))),
      jointsOf: jointsOf.value,
      marks: marks.value,
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
      <PushButton label="Print" icon="i-lucide-printer" color="primary" variant="solid" @click="print" />
      <nav class="flex flex-wrap gap-1" aria-label="Sheets">
        <PushButton :to="{ query: {} }" replace :active="!only" variant="ghost">All</PushButton>
        <PushButton
          v-for="sheet in printSheets"
          :key="sheet"
          :to="{ query: { sheet } }"
          replace
          :active="sheet === only"
          variant="ghost"
        >
          {{ sheetWords[sheet] }}
        </PushButton>
      </nav>
    </div>
    <div>
      <p class="heading text-3xl!">{{ job.title }}</p>
      <p v-if="job.address">{{ job.address }}</p>
    </div>
    <p v-if="isEmpty && only !== 'survey'">
      Nothing is drawn yet, so there is nothing to cut or make. Draw a run on Route: its sheets are printed from here.
    </p>
    <SurveySheet v-if="has('survey') && (job.surveys.length || only)" :surveys="job.surveys" />
    <template v-if="!isEmpty">
      <!-- eslint-disable vue/no-v-html -- drawn here, its words escaped -->
      <div
        v-for="{ id, svg } in has('route') ? drawings : []"
        :key="id"
        class="sheet keep-whole bg-white"
        v-html="svg"
      />
      <!-- eslint-enable vue/no-v-html -->
      <JointTable v-if="only === 'join'" :joints="joints" :place-of="placeOf" :pipe-words="pipeWords" />
      <template v-if="has('cut')">
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
      </template>
      <template v-if="has('make')">
        <section>
          <h2 class="heading">{{ trade('Clips') }}</h2>
          <ClipTable :job="job" :plan="plan" />
        </section>
        <section v-if="made.length">
          <h2 class="heading">Plan of work</h2>
          <LazyWorkPlan printed />
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
                [`${joint.number}, ${runName(joint.run)}: ${placeOf(joint)}`, facingOf(joint)]
                  .filter(Boolean)
                  .join('. ')
            "
          />
        </section>
      </template>
    </template>
    <p class="text-sm">Local code, the makers’ instructions and a licensed person come first.</p>
  </div>
</template>

<style scoped>
.sheet :deep(svg) {
  width: 100%;
  height: auto;
}
</style>
