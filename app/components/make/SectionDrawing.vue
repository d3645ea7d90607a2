<script setup lang="ts">
import type { JointSection } from '~~/core/section/section'
import type { PartName, Point } from '~~/core/section/figures'

/** A joint cut through, to scale: hatched as on a workshop drawing, mirrored about its axis, with its depth mark and dimension. */
const props = defineProps<{
  section: JointSection
  depth: number
  depthText: string
  /** The hand moves over it. */
  moving?: boolean
}>()
const id = useId()
const { say } = useWords()
const text = 3.2
const above = (points: readonly Point[]) => points.map(([x, y]) => `${x},${-y}`).join(' ')
const below = (points: readonly Point[]) => points.map(([x, y]) => `${x},${y}`).join(' ')
const fills: Readonly<Record<PartName, string>> = {
  pipe: `url(#${id}-pipe)`,
  fitting: `url(#${id}-fitting)`,
  nut: `url(#${id}-nut)`,
  ring: `url(#${id}-ring)`,
  insert: `url(#${id}-ring)`,
  seal: 'currentColor',
  grip: 'currentColor',
  olive: 'var(--drawing-pipe)',
  filler: 'var(--drawing-pipe)',
  burr: 'var(--ui-error)',
}
const names: Readonly<Partial<Record<PartName, string>>> = {
  seal: 'seal',
  grip: 'grip',
  olive: 'olive',
  ring: 'ring',
  insert: 'insert',
}
/** One label for each kind of part that has a name, over its first piece. */
const labels = computed(() => {
  const seen = new Set<PartName>()
  return props.section.parts.flatMap(({ part, points }) => {
    const name = names[part]
    if (!name || seen.has(part)) return []
    seen.add(part)
    const along = points.reduce((sum, [x]) => sum + x, 0) / points.length
    return [{ name: say.value.trade(name), x: along, y: Math.max(...points.map(([, y]) => y)), row: seen.size - 1 }]
  })
})
const room = computed(() => ({
  top: text * (1.6 + 1.3 * labels.value.length) + (props.moving ? 10 : 0),
  bottom: text * 3.6,
}))
const box = computed(() => {
  const { from, to, out } = props.section
  return `${from} ${-out - room.value.top} ${to - from} ${2 * out + room.value.top + room.value.bottom}`
})
</script>

<template>
  <svg
    :viewBox="box"
    class="max-h-64 w-full text-(--drawing-ink)"
    role="img"
    :aria-label="`Section of the joint, ${section.says}`"
    stroke="currentColor"
    stroke-width="0.25"
    fill="none"
  >
    <defs>
      <pattern :id="`${id}-pipe`" width="1.4" height="1.4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="1.4" height="1.4" fill="var(--ui-bg)" stroke="none" />
        <path d="M0 0V1.4" stroke="var(--drawing-pipe)" stroke-width="0.7" />
      </pattern>
      <pattern :id="`${id}-fitting`" width="2" height="2" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <rect width="2" height="2" fill="var(--ui-bg)" stroke="none" />
        <path d="M0 0V2" stroke-width="0.35" />
      </pattern>
      <pattern :id="`${id}-nut`" width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <rect width="3" height="3" fill="var(--ui-bg)" stroke="none" />
        <path d="M0 0V3" stroke-width="0.3" />
      </pattern>
      <pattern :id="`${id}-ring`" width="1.2" height="1.2" patternUnits="userSpaceOnUse">
        <rect width="1.2" height="1.2" fill="var(--ui-bg)" stroke="none" />
        <path d="M0 0V1.2M0 0H1.2" stroke-width="0.3" />
      </pattern>
    </defs>
    <g v-for="(part, index) in section.parts" :key="index">
      <polygon v-if="part.side !== 'below'" :points="above(part.points)" :fill="fills[part.part]" />
      <polygon v-if="part.side !== 'above'" :points="below(part.points)" :fill="fills[part.part]" />
    </g>
    <HandMotion v-if="moving && section.hand" :hand="section.hand.does" :depth="depth" :out="section.out" />
    <line :x1="section.from" :x2="section.to" y1="0" y2="0" stroke-dasharray="5 1.5 1 1.5" stroke-width="0.2" />
    <g stroke="var(--ui-primary)" stroke-width="0.6">
      <line :x1="section.mark" :x2="section.mark" :y1="-section.out * 0.98" :y2="-section.out * 0.55" />
      <line :x1="section.mark" :x2="section.mark" :y1="section.out * 0.55" :y2="section.out * 0.98" />
    </g>
    <g v-for="label in labels" :key="label.name" stroke-width="0.2">
      <line :x1="label.x" :x2="label.x" :y1="-label.y" :y2="-section.out - text * (0.4 + 1.3 * label.row)" />
      <text
        :x="label.x"
        :y="-section.out - text * (0.6 + 1.3 * label.row)"
        :font-size="text"
        text-anchor="middle"
        fill="currentColor"
        stroke="none"
      >
        {{ label.name }}
      </text>
    </g>
    <g :transform="`translate(0 ${section.out + text * 1.2})`" stroke-width="0.3">
      <path :d="`M0 ${-text * 0.7}V${text * 0.5}M${depth} ${-text * 0.7}V${text * 0.5}M0 0H${depth}`" />
      <path :d="`M0 0l1.500 -0.500v1zM${depth} 0l-1.500 -0.500v1z`" fill="currentColor" />
      <text
        :x="depth / 2"
        :y="text * 1.5"
        :font-size="text * 1.15"
        text-anchor="middle"
        fill="currentColor"
        stroke="none"
      >
        {{ depthText }}
      </text>
    </g>
  </svg>
</template>
