<script setup lang="ts">
import { drawTube } from '~~/core/draw/draw-tube'
import type { BendSheet } from '~~/core/bend/bend-sheet'
import type { Tube } from '~~/core/bend/tube'

/** The tube twice: straight with its marks, and bent. Numbers are the order of bending. */
const props = defineProps<{ tube: Tube; sheet: BendSheet; od: number }>()
const { figure } = useWords()
const [width, tall, top] = [400, 22, 40]
const x = (mm: number) => (mm / props.sheet.blank) * width
const marks = computed(() =>
  props.sheet.marks.map(({ mark, start, end }, index) => ({
    number: index + 1,
    x: x(mark),
    from: x(start),
    to: x(end),
    text: figure(mark),
    // Near marks write on two lines.
    y: index % 2 === 0 ? 28 : 12,
  })),
)
const bent = computed(() => drawTube(props.tube))
const numberOf = computed(() => new Map(props.sheet.marks.map(({ bend }, index) => [bend, index + 1])))
const points = computed(() => bent.value.line.map((point) => point.join(',')).join(' '))
const unit = computed(() => Math.max(bent.value.box[2] / 400, bent.value.box[3] / 220))
</script>

<template>
  <div class="text-(--drawing-ink)">
    <svg
      :viewBox="`-6 0 ${width + 12} 78`"
      class="w-full"
      role="img"
      aria-label="The straight tube with its marks"
      fill="none"
      stroke="currentColor"
    >
      <rect
        x="0"
        :y="top"
        :width="width"
        :height="tall"
        fill="var(--ui-bg-muted)"
        stroke="var(--drawing-pipe)"
        stroke-width="1.500"
      />
      <g v-for="mark in marks" :key="mark.number">
        <rect
          :x="mark.from"
          :y="top"
          :width="mark.to - mark.from"
          :height="tall"
          fill="var(--drawing-pipe)"
          opacity="0.250"
          stroke="none"
        />
        <line
          :x1="mark.x"
          :x2="mark.x"
          :y1="mark.y + 3"
          :y2="top + tall + 4"
          stroke="var(--drawing-pipe)"
          stroke-width="1.500"
        />
        <text
          :x="mark.x"
          :y="mark.y"
          font-size="13"
          text-anchor="middle"
          fill="currentColor"
          stroke="none"
          class="font-label font-semibold"
        >
          {{ mark.text }}
        </text>
        <text
          :x="mark.x"
          :y="top + tall + 14"
          font-size="10"
          text-anchor="middle"
          fill="currentColor"
          stroke="none"
          class="font-label"
        >
          bend {{ mark.number }}
        </text>
      </g>
      <path
        v-if="sheet.trim.first || sheet.trim.last"
        :d="`M${x(sheet.trim.first)} ${top - 3}v${tall + 6}M${x(sheet.blank - sheet.trim.last)} ${top - 3}v${tall + 6}`"
        stroke-dasharray="3 2"
        stroke-width="1"
      />
    </svg>
    <svg :viewBox="bent.box.join(' ')" class="h-56 w-full" role="img" aria-label="The bent tube" fill="none">
      <polyline
        :points="points"
        stroke="var(--drawing-pipe)"
        :stroke-width="Math.max(od, unit * 5)"
        stroke-linejoin="round"
      />
      <polyline
        :points="points"
        stroke="var(--ui-bg)"
        :stroke-width="unit * 0.7"
        :stroke-dasharray="`${unit * 8} ${unit * 3}`"
      />
      <g
        v-for="(corner, index) in bent.corners.slice(1, -1)"
        :key="index"
        :transform="`translate(${corner[0]} ${corner[1]}) scale(${unit})`"
      >
        <circle r="8" fill="var(--ui-bg)" stroke="currentColor" stroke-width="1" />
        <text y="4.500" font-size="12" text-anchor="middle" fill="currentColor" class="font-label font-semibold">
          {{ numberOf.get(index) }}
        </text>
      </g>
      <text
        :transform="`translate(${bent.corners[0]![0]} ${bent.corners[0]![1]}) scale(${unit})`"
        y="-9"
        font-size="11"
        fill="currentColor"
        class="font-label"
      >
        first end
      </text>
    </svg>
  </div>
</template>
