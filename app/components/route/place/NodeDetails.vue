<script setup lang="ts">
import { type System, runOf } from '~~/core/job/system'
import { pipeIdIn } from '~~/core/job/leg-defaults'
import type { BendingMethod } from '~~/core/materials/material'
import type { Pipe } from '~~/core/catalogue/pipe'
import { isPlastic } from '~~/core/materials'
import { setKind, setNode } from '~~/core/edit/edit-run'
import type { Job, Node } from '~~/core/job/job'
import { bringToHeight } from '~~/core/edit/legs/heights'
import { chainLegs } from '~~/core/job/chain-legs'
import { hasNoPipe, isNewLeg } from '~~/core/run/states'
import { floorOf, heightFromStart, overFloor, toldHeight } from '~~/core/run/floor'
import { layOut, turnAt } from '~~/core/run/layout'
import { useCatalogueStore } from '~/stores/catalogue'

/** The node in hand: what stands there, how high, what joins two pipes there, whether it is better bent. */
const props = defineProps<{
  system: System
  node: Node
  pipe: Pipe | undefined
  bendRadius: number | undefined
  bendingMethod: BendingMethod
}>()
const { job, change } = useOpenJob()
const { attempt } = useRouteEdit()
const own = useCatalogueStore()
const set = (part: Partial<Omit<Node, 'id' | 'kind'>>) => (of: Job) => setNode(of, props.system.id, props.node.id, part)
const layout = computed(() => layOut(props.system))
const arms = computed(() => layout.value.arms.get(props.node.id) ?? [])
const heights = computed(() => {
  const { id, height } = props.node
  return {
    fixed: height === undefined ? undefined : toldHeight(layout.value, height),
    overFloor: overFloor(layout.value, id) ?? undefined,
    hasFloor: floorOf(layout.value) !== null,
  }
})

/** Upright legs follow where they can; where they cannot, the height is kept, and the checks say what it lacks. */
function setHeight(told: number | undefined): void {
  const height = told === undefined ? undefined : heightFromStart(layout.value, told)
  const isReached = height !== undefined && attempt((of) => bringToHeight(of, props.system.id, props.node.id, height))
  if (!isReached) change(set({ height })(job.value))
}
/** By how much the pipe turns here; nothing where it does not. */
const cornerAngle = computed(() =>
  props.node.kind === 'elbow' || props.node.kind === 'bend' ? turnAt(arms.value) : null,
)
const isThere = computed(
  () => arms.value.length > 0 && arms.value.every(({ leg }) => !isNewLeg(leg) && !hasNoPipe(leg)),
)
const isEnd = computed(() => arms.value.length < 2)
/** What is seldom opened is not drawn until it is. */
const cornerOpen = ref(false)
/** The two pipes that meet here, where they differ. */
const changing = computed(() => {
  const legs = props.system.legs.filter(({ from, to }) => from === props.node.id || to === props.node.id)
  const { arriving, leaving } = chainLegs(props.node, legs)
  if (!arriving || !leaving || legs.length > 2) return null
  const [from, to] = [arriving, leaving].map((of) => own.catalogue.pipe(pipeIdIn(props.system, of)))
  return from && to && from.id !== to.id ? { from, to } : null
})
</script>

<template>
  <div class="space-y-4">
    <NodeEditor
      :key="system.id"
      :node="node"
      :run-method="runOf(system, node).method"
      :is-there="isThere"
      :is-plastic="pipe !== undefined && isPlastic(pipe.material)"
      :is-end="isEnd"
      :heights="heights"
      @change="(part) => change(set(part)(job))"
      @kind="(kind) => change(setKind(job, system.id, node.id, { kind }))"
      @height="setHeight"
    >
      <LazyInLineForm
        v-if="node.kind === 'in-line'"
        :node="node.id"
        :in-line="node.inLine"
        @change="(inLine) => change(set({ inLine })(job))"
      />
      <LazyTieInPick v-if="node.kind === 'tie-in'" :system="system" :node="node" />
      <LazyFittingPick v-else :system="system" :node="node" @choose="(choice) => change(set(choice)(job))" />
      <LazyFixturePick
        v-if="node.kind === 'outlet'"
        :run="system.id"
        :node="node"
        :has-floor="heights.hasFloor"
        @height="setHeight"
      />
    </NodeEditor>
    <details v-if="cornerAngle" @toggle="(event) => (cornerOpen = (event.target as HTMLDetailsElement).open)">
      <summary class="label min-h-11 cursor-pointer pt-2 text-base">Bend or elbow here?</summary>
      <LazyCornerTable
        v-if="cornerOpen && pipe && bendRadius"
        :pipe="pipe"
        :angle="cornerAngle"
        :radius="node.radius ?? bendRadius"
        :bending="bendingMethod"
        :prefer="runOf(system, node).method"
      />
    </details>
    <LazyTransitionPick
      v-if="changing"
      :system="system"
      :node="node"
      :from="changing.from"
      :to="changing.to"
      @change="change"
    />
  </div>
</template>
