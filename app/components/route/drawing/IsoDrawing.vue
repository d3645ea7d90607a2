<script setup lang="ts">
import { pipeIdIn } from '~~/core/job/leg-defaults'
import type { System } from '~~/core/job/system'
import { pixels } from '~/composables/route/useDrawingFrame'
import { placeDimensions, placeHeights } from '~~/core/draw/dimensions'
import { drawRun, type DrawingView, type DrawnLeg, type Point } from '~~/core/draw/drawing'
import { breakSign, outDashes, pipeColour, serviceDashes } from '~~/core/draw/line-style'
import { nodeSymbols } from '~~/core/draw/node-symbol'
import { sketchOf } from '~~/core/draw/sketch'
import { useCatalogueStore } from '~/stores/catalogue'
import { layOut } from '~~/core/run/layout'
import { namesIn } from '~~/core/run/names'

/** The run as drawn: pipe, fittings, dimensions, flow, heights; the same selection as the list of legs. */
const props = defineProps<{
  system: System
  view: DrawingView
  /** True lengths, where it is else sketched so that every leg can be read. */
  toScale: boolean
  leg: string
  /** More legs that are selected. */
  chosen: ReadonlySet<string>
  node: string
  pieceOf: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ leg: [id: string]; node: [id: string]; length: [leg: string] }>()
const { figure, units } = useWords()
/** A finger wants more room than a pointer. */
const isPhone = usePhone()
const paper = useTemplateRef<SVGSVGElement>('paper')
const own = useCatalogueStore()
const drawing = computed(() => {
  const layout = layOut(props.system)
  return drawRun(layout, props.view, props.toScale ? layout : sketchOf(layout))
})
const legs = computed(() => new Map(props.system.legs.map((of) => [of.id, of])))
const names = computed(() => namesIn(props.system))
const colourOf = (id: string) => {
  const leg = legs.value.get(id)
  const pipe = leg && own.catalogue.pipe(pipeIdIn(props.system, leg))
  return `var(--drawing-${pipe ? pipeColour(pipe) : 'copper'})`
}
const colours = computed(() => new Map(props.system.legs.map(({ id }) => [id, colourOf(id)])))
const { unit, step, frame, corner } = useDrawingFrame(paper, drawing, () => dimensions.value.map(({ at }) => at))
const inPixels = (of: readonly number[]) => of.map((dash) => dash * pixels).join(' ')
const dashesOf = ({ state, service }: DrawnLeg) =>
  state === undefined ? inPixels(serviceDashes[service]) : state === 'existing' ? '' : inPixels(outDashes)
const turnOf = ({ from, to }: DrawnLeg) => (Math.atan2(to[1] - from[1], to[0] - from[0]) * 180) / Math.PI
const breakAt = (drawn: DrawnLeg) =>
  scaledAt([(drawn.from[0] + drawn.to[0]) / 2, (drawn.from[1] + drawn.to[1]) / 2], turnOf(drawn))
const broken = computed(() => drawing.value.legs.filter(({ isBroken }) => isBroken))
const stateWords = { existing: ', existing', 'comes out': ', comes out' } as const
const legWords = ({ id, length, state, isBroken }: DrawnLeg) =>
  `${names.value.leg(id)}${isBroken ? '' : `, ${figure(length)}`}${state ? stateWords[state] : ''}`
const scaledAt = ([x, y]: Point, turn = 0) =>
  `transform: translate(${x}px, ${y}px) rotate(${turn}deg) scale(var(--unit))`
function arrowOf(drawn: DrawnLeg): string {
  const { from, to, service } = drawn
  const back = service === 'heating-return' ? 180 : 0
  return scaledAt([from[0] * 0.75 + to[0] * 0.25, from[1] * 0.75 + to[1] * 0.25], turnOf(drawn) + back)
}
const hasArrow = ({ from, to, state }: DrawnLeg) =>
  state !== 'comes out' && Math.hypot(to[0] - from[0], to[1] - from[1]) > 14 * step.value
const heightText = (up: number | null) => (up === null ? '' : `${up < 0 ? '−' : '+'}${figure(Math.abs(up))}`)
const levels = computed(() => {
  const heights = placeHeights(drawing.value, 3 * step.value)
  return drawing.value.nodes.flatMap(({ id, at, height }) => {
    const beside = heights.get(id)
    return beside ? [{ id, at, height, beside }] : []
  })
})
const dimensions = computed(() => {
  const lengths = new Map(props.system.legs.map((leg) => [leg.id, leg.length]))
  return placeDimensions(drawing.value, 3 * step.value).map(({ leg, at, leader }) => ({
    leg,
    at,
    leader,
    length: lengths.get(leg) ?? 0,
  }))
})
const unwritten = computed(() => drawing.value.legs.length - dimensions.value.length)
const weightOf = (id: string) => pixels * (id === props.leg || props.chosen.has(id) ? 1.6 : 0.8)
const withArrow = computed(() => drawing.value.legs.filter(hasArrow))
const fills = { ink: 'currentColor', paper: 'var(--ui-bg)', none: 'none' } as const
</script>

<template>
  <svg
    ref="paper"
    :viewBox="frame.join(' ')"
    class="h-full w-full text-(--drawing-ink)"
    role="group"
    :aria-label="`Drawing of the run, ${view}`"
    fill="none"
  >
    <DrawingCompass :view="view" :style="[{ '--unit': unit }, scaledAt(corner)]" />
    <g
      v-for="drawn in drawing.legs"
      :key="drawn.id"
      v-memo="[
        ...drawn.from,
        ...drawn.to,
        drawn.length,
        drawn.state,
        drawn.isBroken,
        weightOf(drawn.id),
        colours.get(drawn.id),
        drawn.service,
        units,
      ]"
      class="cursor-pointer"
      role="button"
      :aria-label="legWords(drawn)"
      @click="emit('leg', drawn.id)"
    >
      <line
        :x1="drawn.from[0]"
        :y1="drawn.from[1]"
        :x2="drawn.to[0]"
        :y2="drawn.to[1]"
        stroke="transparent"
        :stroke-width="pixels * 5"
        vector-effect="non-scaling-stroke"
      />
      <line
        :x1="drawn.from[0]"
        :y1="drawn.from[1]"
        :x2="drawn.to[0]"
        :y2="drawn.to[1]"
        :stroke="colours.get(drawn.id)"
        :stroke-width="weightOf(drawn.id)"
        :stroke-dasharray="dashesOf(drawn)"
        vector-effect="non-scaling-stroke"
      />
      <!-- Pipe that is there is drawn hollow. -->
      <line
        v-if="drawn.state === 'existing'"
        :x1="drawn.from[0]"
        :y1="drawn.from[1]"
        :x2="drawn.to[0]"
        :y2="drawn.to[1]"
        stroke="var(--ui-bg)"
        :stroke-width="weightOf(drawn.id) - pixels * 0.45"
        vector-effect="non-scaling-stroke"
      />
    </g>
    <line
      v-for="{ leg: id, from, to } in drawing.bodies"
      :key="`body ${id}`"
      :x1="from[0]"
      :y1="from[1]"
      :x2="to[0]"
      :y2="to[1]"
      stroke="currentColor"
      :stroke-width="pixels * 1.2"
      vector-effect="non-scaling-stroke"
      class="pointer-events-none"
    />
    <g :style="{ '--unit': unit }">
      <path
        v-for="drawn in withArrow"
        :key="drawn.id"
        d="M-1.200-1L1.400 0L-1.200 1z"
        fill="currentColor"
        class="pointer-events-none"
        :style="arrowOf(drawn)"
      />
      <path
        v-for="drawn in broken"
        :key="`break ${drawn.id}`"
        :d="breakSign"
        fill="var(--ui-bg)"
        stroke="currentColor"
        stroke-width="0.300"
        class="pointer-events-none"
        :style="breakAt(drawn)"
      />
      <g
        v-for="drawn in drawing.nodes"
        :key="drawn.id"
        v-memo="[...drawn.at, drawn.sign, drawn.isNew, drawn.id === node, names.node(drawn.id)]"
        :style="scaledAt(drawn.at)"
        class="cursor-pointer"
        role="button"
        :aria-label="names.node(drawn.id)"
        @click="emit('node', drawn.id)"
      >
        <circle :r="isPhone ? 4.9 : 3" fill="transparent" />
        <circle
          v-if="drawn.id === node"
          r="2.300"
          stroke="var(--ui-primary)"
          stroke-width="0.500"
          stroke-dasharray="1 0.600"
        />
        <path
          :d="nodeSymbols[drawn.sign].path"
          :fill="fills[nodeSymbols[drawn.sign].fill]"
          :stroke="drawn.kind === 'open' && drawn.isNew ? 'var(--ui-warning)' : 'currentColor'"
          :opacity="drawn.isNew ? 1 : 0.55"
          :stroke-width="nodeSymbols[drawn.sign].weight"
        />
      </g>
      <!-- Beside its node, and no part of what is pressed there. -->
      <text
        v-for="{ id, at, height, beside } in levels"
        :key="`height ${id}`"
        v-memo="[...at, ...beside, height, units]"
        :style="scaledAt(at)"
        :x="beside[0]"
        :y="beside[1] + 0.8"
        font-size="2.400"
        text-anchor="middle"
        fill="currentColor"
        class="pointer-events-none font-label"
      >
        {{ heightText(height) }}
      </text>
      <LengthLabels
        :dimensions="dimensions"
        :piece-of="pieceOf"
        :leg-name="names.leg"
        :place="scaledAt"
        @length="(id) => emit('length', id)"
      />
    </g>
    <text
      v-if="unwritten > 0"
      :style="[{ '--unit': unit }, scaledAt([frame[0] + frame[2] - unit * 2, frame[1] + frame[3] - unit * 2])]"
      font-size="2.800"
      text-anchor="end"
      fill="currentColor"
      class="pointer-events-none font-label"
    >
      {{ unwritten }} {{ unwritten === 1 ? 'length finds' : 'lengths find' }} no room: zoom in
    </text>
  </svg>
</template>
