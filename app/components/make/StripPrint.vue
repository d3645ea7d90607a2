<script setup lang="ts">
import { stripSvg, type Paper, type StripPage } from '~~/core/draw/strip-page'
import { fileName } from '~/saving/file-name'
import { download } from '~/saving/download'

/** Pages at full size with a check bar, as PDF or as SVG. */
const props = defineProps<{ title: string; file: string; empty: boolean; pages: (paper: Paper) => StripPage[] }>()
const paper = usePaper()
const papers = [
  { value: 'a4', label: 'A4' },
  { value: 'letter', label: 'Letter' },
] as const

async function pdf(): Promise<void> {
  const [{ stripPdf }, { pdfFont }] = await Promise.all([import('~/saving/strip-pdf'), import('~/saving/pdf-font')])
  const file = await stripPdf(props.pages(paper.value), await pdfFont())
  download(fileName(props.file, 'strip', 'pdf'), 'application/pdf', file.slice().buffer)
}
function svg(): void {
  props
    .pages(paper.value)
    .forEach((page, index) =>
      download(fileName(props.file, `strip ${index + 1}`, 'svg'), 'image/svg+xml', stripSvg(page)),
    )
}
</script>

<template>
  <section class="flex flex-wrap items-end gap-3" :aria-label="title">
    <div class="flex-1 basis-60">
      <h2 class="heading">{{ title }}</h2>
      <slot />
    </div>
    <Choice v-model="paper" label="Paper" :items="papers" class="w-28" />
    <PushButton :disabled="empty" @click="pdf">PDF</PushButton>
    <PushButton :disabled="empty" @click="svg">SVG</PushButton>
    <WhyNot :wants="empty ? 'Nothing on the strip yet.' : ''" />
  </section>
</template>
