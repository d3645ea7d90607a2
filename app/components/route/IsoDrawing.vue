<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { Run } from '~~/core/job/job'
import { placeDimensions } from '~~/core/route/dimensions'
import { drawRun } from '~~/core/route/drawing'
import { layOut } from '~~/core/route/layout'

/** The isometric run: pipe, fittings, dimensions; the same selection as the list of legs. */
const props = defineProps<{ run: Run; leg: string; node: string; pieceOf: ReadonlyMap<string, string> }>()
const emit = defineEmits<{ leg: [id: string]; node: [id: string] }>()
const { figure } = useLengthText()
const paper = useTemplateRef<SVGSVGElement>('paper')
const { width, height } = useElementSize(paper)
const drawing = computed(() => drawRun(layOut(props.run)))
/** Line weights and letters keep their size on the screen whatever the run's length: 4.5 pixels to a unit. */
const unit = computed(
  () => 4.5 * Math.max(drawing.value.box[2] / (width.value || 800), drawing.value.box[3] / (height.value || 330)),
)
const dimensions = computed(() => {
  const lengths = new Map(props.run.legs.map((leg) => [leg.id, leg.length]))
  return placeDimensions(drawing.value, 3 * unit.value).map(({ leg, at }) => ({
    leg,
    at,
    length: lengths.get(leg) ?? 0,
  }))
})

const compass = [
  { word: 'N', dx: 0.866, dy: -0.5 },
  { word: 'E', dx: 0.866, dy: 0.5 },
  { word: 'up', dx: 0, dy: -1 },
]
</script>

<template>
  <svg
    ref="paper"
    :viewBox="drawing.box.join(' ')"
    class="h-full min-h-64 w-full text-(--drawing-ink)"
    role="group"
    aria-label="Isometric drawing of the run"
    fill="none"
  >
    <g
      :transform="`translate(${drawing.box[0] + unit * 9} ${drawing.box[1] + drawing.box[3] - unit * 8}) scale(${unit})`"
      stroke="currentColor"
      stroke-width="0.25"
      aria-hidden="true"
    >
      <g v-for="{ word, dx, dy } in compass" :key="word">
        <line x1="0" y1="0" :x2="dx * 5" :y2="dy * 5" />
        <text
          :x="dx * 6.5"
          :y="dy * 6.5 + 0.8"
          font-size="2.500"
          text-anchor="middle"
          fill="currentColor"
          stroke="none"
          class="font-label"
        >
          {{ word }}
        </text>
      </g>
    </g>
    <g
      v-for="drawn in drawing.legs"
      :key="drawn.id"
      class="cursor-pointer"
      role="button"
      :aria-label="`Leg ${drawn.id}, ${figure(drawn.length)}`"
      @click="emit('leg', drawn.id)"
    >
      <line
        :x1="drawn.from[0]"
        :y1="drawn.from[1]"
        :x2="drawn.to[0]"
        :y2="drawn.to[1]"
        stroke="transparent"
        :stroke-width="unit * 5"
      />
      <line
        :x1="drawn.from[0]"
        :y1="drawn.from[1]"
        :x2="drawn.to[0]"
        :y2="drawn.to[1]"
        stroke="var(--drawing-pipe)"
        stroke-linecap="round"
        :stroke-width="unit * (drawn.id === leg ? 1.6 : 0.8)"
      />
    </g>
    <g
      v-for="drawn in drawing.nodes"
      :key="drawn.id"
      :transform="`translate(${drawn.at[0]} ${drawn.at[1]}) scale(${unit})`"
      class="cursor-pointer"
      role="button"
      :aria-label="`${drawn.kind} ${drawn.id}`"
      @click="emit('node', drawn.id)"
    >
      <circle r="3" fill="transparent" />
      <circle
        v-if="drawn.id === node"
        r="2.300"
        stroke="var(--ui-primary)"
        stroke-width="0.500"
        stroke-dasharray="1 0.600"
      />
      <circle v-if="drawn.kind === 'tie-in'" r="1.300" fill="var(--ui-bg)" stroke="currentColor" stroke-width="0.600" />
      <rect v-else-if="drawn.kind === 'tee'" x="-1" y="-1" width="2" height="2" fill="currentColor" />
      <path
        v-else-if="drawn.kind === 'valve'"
        d="M-1.600-1 1.600 1V-1L-1.600 1z"
        fill="var(--ui-bg)"
        stroke="currentColor"
        stroke-width="0.500"
      />
      <path
        v-else-if="drawn.kind === 'outlet'"
        d="M-1.300 0h2.600M0 0v1.600"
        stroke="currentColor"
        stroke-width="0.700"
      />
      <path
        v-else-if="drawn.kind === 'cap'"
        d="M-1.200-1.200 1.200 1.200M-1.200 1.200 1.200-1.200"
        stroke="currentColor"
        stroke-width="0.600"
      />
      <circle
        v-else-if="drawn.kind === 'open'"
        r="0.900"
        fill="var(--ui-bg)"
        stroke="var(--ui-warning)"
        stroke-width="0.500"
      />
      <circle v-else r="0.800" fill="currentColor" />
    </g>
    <g
      v-for="{ leg: id, at, length } in dimensions"
      :key="id"
      :transform="`translate(${at[0]} ${at[1]}) scale(${unit})`"
      class="pointer-events-none"
    >
      <text
        y="1"
        font-size="3"
        text-anchor="middle"
        fill="currentColor"
        stroke="var(--ui-bg)"
        stroke-width="0.900"
        paint-order="stroke"
        class="font-label font-semibold"
      >
        {{ figure(length) }}
        <tspan v-if="pieceOf.get(id)" fill="var(--drawing-pipe)" dx="0.800">{{ pieceOf.get(id) }}</tspan>
      </text>
    </g>
  </svg>
</template>
