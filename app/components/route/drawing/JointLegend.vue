<script setup lang="ts">
import { legendSign, type JointMark } from '~~/core/draw/joint-mark'
import { pathOf, type Ink } from '~~/core/draw/shape'

/** What the signs at the joints mean. */
defineProps<{ marks: readonly JointMark[] }>()
const inks: Partial<Record<Ink, string>> = { ink: 'currentColor', paper: 'var(--ui-bg)', caution: 'var(--ui-error)' }
</script>

<template>
  <ul class="flex flex-wrap gap-x-4 text-(--drawing-ink)" aria-label="Joints in the drawing">
    <li v-for="mark in marks" :key="mark" class="flex items-center gap-1">
      <svg viewBox="-2 -2 4 4" class="size-4" aria-hidden="true">
        <path
          v-for="(stroke, at) in legendSign(mark)"
          :key="at"
          :d="pathOf(stroke)"
          :fill="(stroke.fill && inks[stroke.fill]) ?? 'none'"
          :stroke="inks[stroke.ink]"
          :stroke-width="stroke.weight"
        />
      </svg>
      {{ mark }}
    </li>
  </ul>
</template>
