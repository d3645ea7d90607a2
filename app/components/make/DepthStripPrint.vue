<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { depthStrips, stripSvg, type Paper, type StripDepth } from '~~/core/make/depth-strip'
import { download } from '~/saving/download'

/** The depths at full size on paper, to lay the pipe on: as PDF, or as SVG. Equal ones are printed once. */
const props = defineProps<{ depths: readonly StripDepth[]; title: string }>()
const { length, units } = useLengthText()
const paper = useLocalStorage<Paper>('jolvet-paper', 'a4')
const papers = [
  { value: 'a4', label: 'A4' },
  { value: 'letter', label: 'Letter' },
] as const
const once = computed(() => [...new Map(props.depths.map((depth) => [`${depth.label}|${depth.mm}`, depth])).values()])
const pages = () => depthStrips(once.value, paper.value, units.value, props.title, length)

async function pdf(): Promise<void> {
  const { stripPdf } = await import('~/saving/strip-pdf')
  download('depth-strip.pdf', 'application/pdf', (await stripPdf(pages())).slice().buffer)
}
function svg(): void {
  pages().forEach((page, index) => download(`depth-strip-${index + 1}.svg`, 'image/svg+xml', stripSvg(page)))
}
</script>

<template>
  <section class="flex flex-wrap items-end gap-3" aria-label="Depth strip">
    <div class="flex-1 basis-60">
      <h2 class="heading">Depth strip</h2>
      <p class="text-sm text-muted">
        {{ once.length }} {{ once.length === 1 ? 'depth' : 'depths' }} at full size with a check bar: lay the pipe on
        the paper and mark it.
      </p>
      <slot />
    </div>
    <Choice v-model="paper" label="Paper" :items="papers" class="w-28" />
    <button type="button" class="key" :disabled="once.length === 0" @click="pdf">PDF</button>
    <button type="button" class="key" :disabled="once.length === 0" @click="svg">SVG</button>
  </section>
</template>
