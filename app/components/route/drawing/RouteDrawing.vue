<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { drawingViews, type DrawingView } from '~~/core/draw/drawing'
import { acrossPaper, runSheet } from '~~/core/draw/sheet'
import { namesIn, systemName } from '~~/core/run/names'
import { sheetColours } from '~/drawing/sheet-colours'
import { fileName } from '~/saving/file-name'
import { download } from '~/saving/download'
import { useCatalogueStore } from '~/stores/catalogue'

/** The drawing with its view, its size, and its ways out: one page, SVG, DXF. */
const props = defineProps<{
  system: System
  leg: string
  chosen: ReadonlySet<string>
  node: string
  pieceOf: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ leg: [id: string]; node: [id: string]; length: [leg: string] }>()
const { job } = useOpenJob()
const { marks, jointsOf, legend } = useJointMarks()
const own = useCatalogueStore()
const { length, figure } = useWords()
const { frame, focus } = useDrawingFocus()
const paper = useTemplateRef<HTMLDivElement>('paper')
const isPhone = usePhone()
onMounted(() => {
  frame.value = paper.value
  if (!isPhone.value) focus()
})
onBeforeUnmount(() => (frame.value = null))
/** What was come to by keys, said aloud. */
const reached = ref('')
const names = computed(() => namesIn(props.system))
useDrawingWalk(
  paper,
  () => props.system,
  ({ of, id }) => {
    const leg = of === 'leg' ? props.system.legs.find((one) => one.id === id) : undefined
    const mm = leg?.length
    reached.value = leg ? `${names.value.leg(id)}${mm ? `, ${length(mm)}` : ''}` : names.value.node(id)
    if (leg) emit('leg', id)
    else emit('node', id)
  },
)
const view = ref<DrawingView>('isometric')
const views = drawingViews.map((value) => ({ value, label: value }))
const page = usePaper()
const toScale = ref(false)
const isRound = ref(false)
const zoom = ref(1)
/** Lengths that find no room in the drawing. */
const unwritten = ref(0)
const closer = () => (zoom.value = Math.min(8, zoom.value * 1.5))
const further = () => (zoom.value = Math.max(1, zoom.value / 1.5))
const file = (extension: string) => fileName(job.value.title, systemName(job.value, props.system), extension)

const sheet = () =>
  runSheet(own.catalogue, props.system, view.value, {
    title: `${job.value.title}: ${systemName(job.value, props.system)}`,
    units: job.value.units,
    length: figure,
    colours: sheetColours,
    size: acrossPaper(page.value),
    pieceOf: props.pieceOf,
    jointsOf: jointsOf.value,
    marks: marks.value,
  })
const svg = () => download(file('svg'), 'image/svg+xml', sheet())
async function dxf(): Promise<void> {
  const { runsDxf } = await import('~/drawing/run-dxf')
  download(file('dxf'), 'image/vnd.dxf', runsDxf([props.system], props.pieceOf, job.value.units))
}
function print(): void {
  const page = window.open('', '_blank')
  if (!page) return
  page.document.title = systemName(job.value, props.system)
  page.document.body.innerHTML = sheet()
  page.document.close()
  page.print()
}
</script>

<template>
  <!-- On a phone the pad comes between the drawing and what is seldom pressed of it. -->
  <div class="max-sm:contents">
    <div
      ref="paper"
      tabindex="0"
      role="group"
      aria-label="Drawing: arrows and Page keys set the direction, digits the length, Enter the leg"
      class="drawing-frame overflow-auto border border-(--ui-border) bg-(--ui-bg) sm:h-72 lg:h-[max(16.5rem,calc(100dvh-24rem))]"
    >
      <div :style="{ width: `${zoom * 100}%`, height: `${zoom * 100}%` }">
        <LazyRoundView
          v-if="isRound"
          :system="system"
          :leg="leg"
          :node="node"
          :marks="marks"
          @leg="(id) => emit('leg', id)"
          @node="(id) => emit('node', id)"
        />
        <IsoDrawing
          v-else
          :system="system"
          :view="view"
          :to-scale="toScale"
          :leg="leg"
          :chosen="chosen"
          :node="node"
          :piece-of="pieceOf"
          :joints-of="jointsOf"
          :marks="marks"
          @unwritten="(count) => (unwritten = count)"
          @leg="(id) => emit('leg', id)"
          @node="(id) => emit('node', id)"
          @length="(id) => emit('length', id)"
        />
      </div>
    </div>
    <p class="sr-only" role="status">{{ reached }}</p>
    <div
      v-if="legend.length || unwritten"
      class="mt-1 flex flex-wrap justify-between gap-x-4 text-sm max-sm:order-last"
    >
      <JointLegend :marks="legend" />
      <p v-if="unwritten">{{ unwritten }} {{ unwritten === 1 ? 'length finds' : 'lengths find' }} no room: zoom in</p>
    </div>
    <div
      class="no-print mt-1 flex flex-wrap items-center gap-1 max-sm:order-last"
      role="toolbar"
      aria-label="The drawing"
    >
      <Choice v-if="!isRound" v-model="view" label="View" bare :items="views" />
      <PushButton variant="ghost" :aria-pressed="isRound" :active="isRound" @click="isRound = !isRound">
        In the round
      </PushButton>
      <template v-if="!isRound">
        <PushButton variant="ghost" :aria-pressed="toScale" :active="toScale" @click="toScale = !toScale"
          >To scale</PushButton
        >
        <PushButton variant="ghost" aria-label="Full screen" @click="paper?.requestFullscreen()">
          <UIcon name="i-lucide-maximize" class="size-5" />
        </PushButton>
        <PushButton variant="ghost" aria-label="Closer" @click="closer">
          <UIcon name="i-lucide-zoom-in" class="size-5" />
        </PushButton>
        <PushButton variant="ghost" aria-label="Further" :disabled="zoom === 1" @click="further">
          <UIcon name="i-lucide-zoom-out" class="size-5" />
        </PushButton>
        <PushButton variant="ghost" :disabled="zoom === 1" @click="zoom = 1">Fit</PushButton>
      </template>
      <span class="flex-1" />
      <PushButton variant="ghost" @click="print"> <UIcon name="i-lucide-printer" class="size-4" />One page </PushButton>
      <PushButton variant="ghost" @click="svg">SVG</PushButton>
      <PushButton variant="ghost" @click="dxf">DXF</PushButton>
    </div>
  </div>
</template>
