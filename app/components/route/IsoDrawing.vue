<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { Run } from '~~/core/job/job'
import { hasHeight, placeDimensions } from '~~/core/route/dimensions'
import { compassOf, drawRun, type DrawingView } from '~~/core/route/drawing'
import { pipeColour, serviceDashes } from '~~/core/route/line-style'
import { nodeSymbols } from '~~/core/route/node-symbol'
import { useCatalogueStore } from '~/stores/catalogue'
import { layOut } from '~~/core/route/layout'

/** The run as drawn: pipe, fittings, dimensions, flow, heights; the same selection as the list of legs. */
const props = defineProps<{
  run: Run
  view: DrawingView
  leg: string
  /** More legs that are selected. */
  chosen: ReadonlySet<string>
  node: string
  pieceOf: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ leg: [id: string]; node: [id: string] }>()
const { figure } = useLengthText()
const paper = useTemplateRef<SVGSVGElement>('paper')
const { width, height } = useElementSize(paper)
const own = useCatalogueStore()
const drawing = computed(() => drawRun(layOut(props.run), props.view))
const legs = computed(() => new Map(props.run.legs.map((of) => [of.id, of])))
const colourOf = (id: string) => {
  const pipe = own.catalogue.pipe(legs.value.get(id)?.pipe ?? props.run.pipe)
  return `var(--drawing-${pipe ? pipeColour(pipe) : 'copper'})`
}
const dashes = computed(() => serviceDashes[props.run.service].map((dash) => dash * unit.value).join(' '))
const arrowOf = ({ from, to }: { from: readonly [number, number]; to: readonly [number, number] }) => {
  const turn = (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI
  const back = props.run.service === 'heating-return' ? 180 : 0
  return `translate(${from[0] * 0.75 + to[0] * 0.25} ${from[1] * 0.75 + to[1] * 0.25}) rotate(${turn + back}) scale(${unit.value})`
}
const hasArrow = ({ from, to }: { from: readonly [number, number]; to: readonly [number, number] }) =>
  Math.hypot(to[0] - from[0], to[1] - from[1]) > 14 * unit.value
const heightText = (up: number) => `${up < 0 ? '−' : '+'}${figure(Math.abs(up))}`
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

const compass = computed(() => compassOf(props.view))
</script>

<template>
  <svg
    ref="paper"
    :viewBox="drawing.box.join(' ')"
    class="h-full min-h-64 w-full text-(--drawing-ink)"
    role="group"
    :aria-label="`Drawing of the run, ${view}`"
    fill="none"
  >
    <g
      :transform="`translate(${drawing.box[0] + unit * 9} ${drawing.box[1] + drawing.box[3] - unit * 8}) scale(${unit})`"
      stroke="currentColor"
      stroke-width="0.25"
      aria-hidden="true"
    >
      <g v-for="{ word, at } in compass" :key="word">
        <line x1="0" y1="0" :x2="at[0] * 5" :y2="at[1] * 5" />
        <text
          :x="at[0] * 6.5"
          :y="at[1] * 6.5 + 0.8"
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
        :stroke="colourOf(drawn.id)"
        :stroke-dasharray="dashes"
        :stroke-width="unit * (drawn.id === leg || chosen.has(drawn.id) ? 1.6 : 0.8)"
      />
      <path v-if="hasArrow(drawn)" d="M-1.200-1L1.400 0L-1.200 1z" fill="currentColor" :transform="arrowOf(drawn)" />
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
      <path
        :d="nodeSymbols[drawn.kind].path"
        :fill="
          nodeSymbols[drawn.kind].fill === 'ink'
            ? 'currentColor'
            : nodeSymbols[drawn.kind].fill === 'paper'
              ? 'var(--ui-bg)'
              : 'none'
        "
        :stroke="drawn.kind === 'open' ? 'var(--ui-warning)' : 'currentColor'"
        :stroke-width="nodeSymbols[drawn.kind].weight"
      />
      <text
        v-if="hasHeight(drawn.kind)"
        x="2.500"
        y="-2"
        font-size="2.400"
        fill="currentColor"
        class="pointer-events-none font-label"
      >
        {{ heightText(drawn.height) }}
      </text>
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
