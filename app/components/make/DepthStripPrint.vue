<script setup lang="ts">
import { depthStrips, type StripDepth } from '~~/core/draw/depth-strip'
import type { Paper } from '~~/core/draw/strip-page'

/** The depths at full size on paper, to lay the pipe on: as PDF, or as SVG. Equal ones are printed once. */
const props = defineProps<{ depths: readonly StripDepth[]; title: string }>()
const { length, units } = useWords()
const once = computed(() => [...new Map(props.depths.map((depth) => [`${depth.label}|${depth.mm}`, depth])).values()])
const pages = (paper: Paper) =>
  depthStrips(once.value, { paper, units: units.value, title: props.title, lengthText: length })
</script>

<template>
  <StripPrint title="Depth strip" file="Insertion depths" :empty="once.length === 0" :pages="pages">
    <p class="text-sm text-muted">
      {{ once.length }} {{ once.length === 1 ? 'depth' : 'depths' }} at full size with a check bar: lay the pipe on the
      paper and mark it.
    </p>
    <slot />
  </StripPrint>
</template>
