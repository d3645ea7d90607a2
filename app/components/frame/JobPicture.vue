<script setup lang="ts">
import type { Thumbnail } from '~~/core/draw/thumbnail'

/** A job's pipework in small. */
defineProps<{ picture: Thumbnail }>()
</script>

<template>
  <svg
    :viewBox="`0 0 ${picture.width} ${picture.height}`"
    class="h-14 w-full max-w-56"
    preserveAspectRatio="xMinYMid meet"
    aria-hidden="true"
    fill="none"
    stroke-width="1.600"
    stroke-linecap="round"
  >
    <path v-for="(path, ink) in picture.paths" :key="ink" :d="path" :stroke="`var(--drawing-${ink})`" />
  </svg>
</template>
