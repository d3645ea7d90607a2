<script setup lang="ts">
import { shippedFittings } from '~~/core/catalogue/fittings'
import type { GlossaryEntry } from '~~/core/glossary/glossary'
import { sketches, type SketchLine } from '~~/core/glossary/sketches'
import { sectionOf } from '~~/core/section/section'
import { useCatalogueStore } from '~/stores/catalogue'

/** What shows a word: the fitting itself, a joint cut through, or a small drawing. */
const props = defineProps<{ shownBy: GlossaryEntry['shownBy'] }>()
const own = useCatalogueStore()
const fitting = computed(() =>
  typeof props.shownBy === 'string' ? shippedFittings().find(({ label }) => label === props.shownBy) : undefined,
)
const section = computed(() => {
  if (typeof props.shownBy === 'string' || !('section' in props.shownBy)) return null
  const { section: method, on } = props.shownBy
  const pipe = own.catalogue.pipe(on)
  return pipe ? sectionOf({ pipe, method, depth: 20, home: 20, faults: new Set() }) : null
})
const sketch = computed((): readonly SketchLine[] | null =>
  typeof props.shownBy !== 'string' && 'sketch' in props.shownBy ? sketches[props.shownBy.sketch] : null,
)
const strokes: Readonly<Record<SketchLine['kind'], { stroke: string; width: number }>> = {
  pipe: { stroke: 'var(--drawing-ink)', width: 2.4 },
  line: { stroke: 'var(--drawing-ink)', width: 0.8 },
  shown: { stroke: 'var(--drawing-pipe)', width: 2.4 },
}
</script>

<template>
  <FittingSketch v-if="fitting" :fitting="fitting" class="w-24!" />
  <SectionDrawing v-else-if="section" :section="section" :depth="20" depth-text="" class="h-16! w-24!" />
  <svg v-else-if="sketch" viewBox="0 0 48 28" class="w-24 shrink-0" aria-hidden="true" fill="none">
    <path
      v-for="({ path, kind }, at) in sketch"
      :key="at"
      :d="path"
      :stroke="strokes[kind].stroke"
      :stroke-width="strokes[kind].width"
    />
  </svg>
</template>
