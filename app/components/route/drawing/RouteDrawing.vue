<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { drawingViews, type DrawingView } from '~~/core/draw/drawing'
import { runSheet } from '~~/core/draw/sheet'
import { systemName } from '~~/core/run/names'
import { sheetColours } from '~/drawing/sheet-colours'
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
const own = useCatalogueStore()
const { length } = useWords()
const { frame, focus } = useDrawingFocus()
const paper = useTemplateRef<HTMLDivElement>('paper')
const isPhone = usePhone()
onMounted(() => {
  frame.value = paper.value
  if (!isPhone.value) focus()
})
onBeforeUnmount(() => (frame.value = null))
const view = ref<DrawingView>('isometric')
const views = drawingViews.map((value) => ({ value, label: value }))
const page = usePaper()
const toScale = ref(false)
const zoom = ref(1)
const closer = () => (zoom.value = Math.min(8, zoom.value * 1.5))
const further = () => (zoom.value = Math.max(1, zoom.value / 1.5))
const name = computed(() =>
  systemName(job.value, props.system)
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-'),
)

const sheet = () =>
  runSheet(own.catalogue, props.system, view.value, {
    title: `${job.value.title}: ${systemName(job.value, props.system)}`,
    length,
    colours: sheetColours,
    paper: page.value,
    pieceOf: props.pieceOf,
  })
const svg = () => download(`${name.value}.svg`, 'image/svg+xml', sheet())
async function dxf(): Promise<void> {
  const { runsDxf } = await import('~/drawing/run-dxf')
  download(`${name.value}.dxf`, 'image/vnd.dxf', runsDxf([props.system], props.pieceOf, job.value.units))
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
        <IsoDrawing
          :system="system"
          :view="view"
          :to-scale="toScale"
          :leg="leg"
          :chosen="chosen"
          :node="node"
          :piece-of="pieceOf"
          @leg="(id) => emit('leg', id)"
          @node="(id) => emit('node', id)"
          @length="(id) => emit('length', id)"
        />
      </div>
    </div>
    <div
      class="no-print mt-1 flex flex-wrap items-center gap-1 max-sm:order-last"
      role="toolbar"
      aria-label="The drawing"
    >
      <Choice v-model="view" label="View" bare :items="views" />
      <UButton variant="ghost" :aria-pressed="toScale" :active="toScale" @click="toScale = !toScale">To scale</UButton>
      <UButton variant="ghost" aria-label="Full screen" @click="paper?.requestFullscreen()">
        <UIcon name="i-lucide-maximize" class="size-5" />
      </UButton>
      <UButton variant="ghost" aria-label="Closer" @click="closer">
        <UIcon name="i-lucide-zoom-in" class="size-5" />
      </UButton>
      <UButton variant="ghost" aria-label="Further" :disabled="zoom === 1" @click="further">
        <UIcon name="i-lucide-zoom-out" class="size-5" />
      </UButton>
      <UButton variant="ghost" :disabled="zoom === 1" @click="zoom = 1">Fit</UButton>
      <span class="flex-1" />
      <UButton variant="ghost" @click="print"> <UIcon name="i-lucide-printer" class="size-4" />One page </UButton>
      <UButton variant="ghost" @click="svg">SVG</UButton>
      <UButton variant="ghost" @click="dxf">DXF</UButton>
    </div>
  </div>
</template>
