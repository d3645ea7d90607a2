<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { pixels } from '~/composables/route/useDrawingFrame'
import { drawRun, type DrawingView, type DrawnLeg, type Point } from '~~/core/draw/drawing'
import type { JointMark } from '~~/core/draw/joint-mark'
import { sceneOf } from '~~/core/draw/scene'
import { pathOf, type Ink, type Part } from '~~/core/draw/shape'
import { sketchOf } from '~~/core/draw/sketch'
import { useCatalogueStore } from '~/stores/catalogue'
import { layOut } from '~~/core/run/layout'
import { namesIn } from '~~/core/run/names'

/** The run as drawn: pipe, fittings, joints, lengths, flow, heights; the same selection as the list of legs. */
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
  jointsOf: ReadonlyMap<string, string>
  marks: ReadonlyMap<string, JointMark>
  /** Legs with an outline of their own. */
  outlined?: ReadonlySet<string>
  /** No more than legs are pressed. */
  legsOnly?: boolean
}>()
const emit = defineEmits<{ leg: [id: string]; node: [id: string]; length: [leg: string]; unwritten: [count: number] }>()
const { figure } = useWords()
/** A finger wants more room than a pointer. */
const isPhone = usePhone()
const paper = useTemplateRef<SVGSVGElement>('paper')
const own = useCatalogueStore()
const drawing = computed(() => {
  const layout = layOut(props.system)
  return drawRun(layout, props.view, props.toScale ? layout : sketchOf(layout))
})
const names = computed(() => namesIn(props.system))
const { unit, step, frame, corner } = useDrawingFrame(paper, drawing, () => written.value)
const scene = computed(() => {
  const of = { catalogue: own.catalogue, system: props.system, drawing: drawing.value }
  const { pieceOf, jointsOf, marks } = props
  return sceneOf(of, 3 * step.value, { length: figure, pieceOf, jointsOf, marks })
})
watch(
  () => scene.value.unwritten,
  (count) => emit('unwritten', count),
  { immediate: true },
)
const written = computed(() =>
  scene.value.parts.flatMap(({ of, shapes }) => (of === 'length' ? [(shapes.at(-1) as { at: Point }).at] : [])),
)
const drawnLegs = computed(() => new Map(drawing.value.legs.map((leg) => [leg.id, leg])))
const stateWords = { existing: ', existing', 'comes out': ', comes out' } as const
const legWords = ({ id, length, state, isBroken }: DrawnLeg) =>
  `${names.value.leg(id)}${isBroken ? '' : `, ${figure(length)}`}${state ? stateWords[state] : ''}`

/** What is pressed of a part, and how it is called. */
function pressOf({ of, id }: Part): { readonly label: string; readonly act: () => void } | null {
  const leg = drawnLegs.value.get(id)
  if (props.legsOnly && of !== 'leg') return null
  if (of === 'node') return { label: names.value.node(id), act: () => emit('node', id) }
  if (of === 'leg' && leg) return { label: legWords(leg), act: () => emit('leg', id) }
  // Under a thumb it is too small a thing: its leg is pressed, and its length typed in the list.
  if (of !== 'length' || !leg || isPhone.value) return null
  return { label: `Length of ${names.value.leg(id)}, ${figure(leg.length)}`, act: () => emit('length', id) }
}
const isSelected = ({ of, id }: Part) =>
  of === 'leg' ? id === props.leg || props.chosen.has(id) : of === 'node' && id === props.node
/** Under a leg, the widest first: where it is pressed, its outline, and that it is selected. */
const bandsOf = (part: Part) => [
  { ink: 'transparent', wide: isPhone.value ? 7 : 5 },
  ...(props.outlined?.has(part.id)
    ? [
        { ink: 'var(--ui-success)', wide: 4.4 },
        { ink: 'var(--ui-bg)', wide: 3.4 },
      ]
    : []),
  ...(isSelected(part) ? [{ ink: 'var(--drawing-chosen)', wide: 2.6 }] : []),
]
const parts = computed(() =>
  scene.value.parts.map((part) => {
    const press = pressOf(part)
    return {
      ...part,
      press,
      leg: drawnLegs.value.get(part.id),
      key: `${press?.label ?? ''}${JSON.stringify(part.shapes)}`,
    }
  }),
)
const placeOf = (id: string): Point => drawing.value.nodes.find((node) => node.id === id)!.at
const scaledAt = ([x, y]: Point) => `transform: translate(${x}px, ${y}px) scale(var(--unit))`
const inPixels = (of: readonly number[]) => of.map((dash) => dash * pixels).join(' ')
const inks: Readonly<Record<Ink, string>> = {
  copper: 'var(--drawing-copper)',
  plastic: 'var(--drawing-plastic)',
  steel: 'var(--drawing-steel)',
  ink: 'currentColor',
  faint: 'var(--drawing-faint)',
  paper: 'var(--ui-bg)',
  caution: 'var(--ui-error)',
}
const fresh = computed(() => new Set(drawing.value.nodes.filter(({ isNew }) => isNew).map(({ id }) => id)))
</script>

<template>
  <svg
    ref="paper"
    :viewBox="frame.join(' ')"
    class="h-full w-full text-(--drawing-ink)"
    role="group"
    :aria-label="`Drawing of the run, ${view}`"
    fill="none"
    :style="{ '--unit': unit }"
  >
    <DrawingCompass :view="view" :style="scaledAt(corner)" />
    <g
      v-for="part in parts"
      :key="`${part.of} ${part.id}`"
      v-memo="[part.key, isSelected(part), outlined?.has(part.id), isPhone, fresh.has(part.id)]"
      :class="part.press ? (part.of === 'length' ? 'cursor-text' : 'cursor-pointer') : 'pointer-events-none'"
      :role="part.press ? 'button' : undefined"
      :aria-label="part.press?.label"
      :opacity="part.of === 'node' && !fresh.has(part.id) ? 0.55 : undefined"
      @click="part.press?.act()"
    >
      <template v-if="part.of === 'leg' && part.leg">
        <line
          v-for="band in bandsOf(part)"
          :key="band.ink"
          :x1="part.leg.from[0]"
          :y1="part.leg.from[1]"
          :x2="part.leg.to[0]"
          :y2="part.leg.to[1]"
          :stroke="band.ink"
          :stroke-width="pixels * band.wide"
          stroke-linecap="round"
          vector-effect="non-scaling-stroke"
        />
      </template>
      <g v-else-if="part.of === 'node'" :style="scaledAt(placeOf(part.id))">
        <circle :r="isPhone ? 4.9 : 3" fill="transparent" />
        <circle
          v-if="isSelected(part)"
          r="3.200"
          stroke="var(--ui-primary)"
          stroke-width="0.500"
          stroke-dasharray="1 0.600"
        />
      </g>
      <template v-for="(shape, at) in part.shapes" :key="at">
        <line
          v-if="shape.kind === 'line'"
          :x1="shape.from[0]"
          :y1="shape.from[1]"
          :x2="shape.to[0]"
          :y2="shape.to[1]"
          :stroke="inks[shape.ink]"
          :stroke-width="shape.weight * pixels"
          :stroke-dasharray="inPixels(shape.dashes)"
          vector-effect="non-scaling-stroke"
        />
        <path
          v-else-if="shape.kind === 'mark'"
          :d="pathOf(shape.stroke)"
          :fill="shape.stroke.fill ? inks[shape.stroke.fill] : 'none'"
          :stroke="inks[shape.stroke.ink]"
          :stroke-width="shape.stroke.weight"
          :style="scaledAt(shape.at)"
        />
        <text
          v-else
          :style="scaledAt(shape.at)"
          :x="shape.beside[0]"
          :y="shape.beside[1] + shape.size / 3"
          :font-size="shape.size"
          text-anchor="middle"
          fill="currentColor"
          stroke="var(--ui-bg)"
          stroke-width="0.900"
          paint-order="stroke"
          class="font-label"
          :class="{ 'font-semibold': shape.bold }"
        >
          {{ shape.words }}
          <tspan v-if="shape.more" fill="var(--drawing-pipe)" dx="0.800">{{ shape.more }}</tspan>
        </text>
      </template>
    </g>
  </svg>
</template>
