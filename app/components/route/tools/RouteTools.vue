<script setup lang="ts">
import { pipeIdIn } from '~~/core/job/leg-defaults'
import { systemOf, type System } from '~~/core/job/system'
import { waterOf } from '~~/core/job/waters'
import type { Job, Leg, Node, Run } from '~~/core/job/job'
import type { Plan } from '~~/core/plan/types'
import { addToJob } from '~~/core/patterns/add-to-job'
import { usualStockLength } from '~~/core/cut/stock-length'
import { layOut } from '~~/core/run/layout'
import { useCatalogueStore } from '~/stores/catalogue'

/** What is done to a route in one go. Opened when it is wanted; what cannot be done says why and changes nothing. */
const props = defineProps<{
  system: System
  /** The run that is chosen of it. */
  run: Run
  plan: Plan
  node: Node
  leg: Leg | undefined
  chosen: readonly string[]
  bendRadius: number | undefined
}>()
const emit = defineEmits<{ go: [node: string] }>()
const panel = useTemplateRef<HTMLElement>('panel')
const { problem, attempt } = useRouteEdit()
const { job, built } = useOpenJob()
const own = useCatalogueStore()
const tools = [
  { id: 'offset', word: 'Offset' },
  { id: 'move', word: 'Move, put in' },
  { id: 'copy', word: 'Copy, mirror' },
  { id: 'beside', word: 'Run beside' },
  { id: 'runs', word: 'Join runs' },
  { id: 'close', word: 'Fixed points' },
  { id: 'cut-in', word: 'Cut in' },
  { id: 'supports', word: 'Supports' },
  { id: 'advice', word: 'Levels, flow' },
  { id: 'call', word: 'Everyday call' },
] as const
const tool = ref<(typeof tools)[number]['id'] | ''>('')
const choose = (id: (typeof tools)[number]['id']) => {
  tool.value = tool.value === id ? '' : id
  problem.value = ''
}
const nodesNow = () => systemOf(job.value, props.system.id)?.nodes ?? []
/** After an offset the hand goes on from its end. */
function apply(edit: (job: Job) => Job): void {
  const before = nodesNow().length
  const done = attempt(edit)
  const added = nodesNow().at(-1)
  if (!done || tool.value !== 'offset' || nodesNow().length === before || !added) return
  ;(document.activeElement as HTMLElement | null)?.blur()
  emit('go', added.id)
}
/** Opened by a key, the hand types on in its first field at once: this form alone is loaded with the page. */
async function openOffset(): Promise<void> {
  tool.value = 'offset'
  await nextTick()
  panel.value?.querySelector('input')?.focus()
}
defineExpose({ openOffset })
const { namesIn } = useNames()
const word = computed(() => namesIn(props.system.id).node(props.node.id))
const layout = computed(() => layOut(props.system))
/** As it will stand: where clips go, what it holds. */
const builtSystem = computed(() => systemOf(built.value, props.system.id) ?? props.system)
const filled = computed(() => waterOf(built.value, props.run.id))
const builtLeg = computed(() => builtSystem.value.legs.find(({ id }) => id === props.leg?.id))
const stockLength = computed(() => {
  const id = props.leg ? pipeIdIn(props.system, props.leg) : props.system.runs[0]!.pipe
  const pipe = own.catalogue.pipe(id)
  return job.value.stock?.lengths[id] ?? (pipe ? usualStockLength(pipe) : 3000)
})
const cutInReasons = computed(() => {
  const joints = props.plan.joints.filter(
    ({ node, piece, inner }) => node === props.node.id && piece === null && inner === null,
  )
  // Both ends say the same where both are alike.
  return [
    ...new Map(joints.flatMap(({ reasons }) => reasons).map((reason) => [JSON.stringify(reason), reason])).values(),
  ]
})
const cutIn = computed(() => props.plan.cutIns.find(({ node }) => node === props.node.id))
</script>

<template>
  <section ref="panel" aria-label="Route tools" class="space-y-3">
    <div class="flex flex-wrap gap-1">
      <PushButton
        v-for="{ id, word: says } in tools"
        :key="id"
        :aria-pressed="tool === id"
        :active="tool === id"
        @click="choose(id)"
      >
        {{ says }}
      </PushButton>
    </div>
    <p v-if="problem" role="alert" class="text-(--ui-error)" data-tool-problem>{{ problem }}</p>
    <OffsetForm
      v-if="tool === 'offset'"
      :job="job"
      :run="system.id"
      :from="node.id"
      :bend-radius="bendRadius"
      @apply="apply"
    />
    <LazyMoveForm v-else-if="tool === 'move'" :run="system.id" :node="node.id" :word="word" :leg="leg" @apply="apply" />
    <LazyCopyForm
      v-else-if="tool === 'copy'"
      :run="system.id"
      :legs="chosen"
      :to="node.id"
      :to-word="word"
      @apply="apply"
    />
    <LazyBesideForm v-else-if="tool === 'beside'" :key="system.id" :run="run" :legs="system.legs" @apply="apply" />
    <LazySeveralRunsForm
      v-else-if="tool === 'runs'"
      :system="system"
      :node="node.id"
      :word="word"
      :leg="leg"
      @apply="apply"
    />
    <LazyCloseForm
      v-else-if="tool === 'close'"
      :run="system.id"
      :closing="plan.closing.filter((of) => of.run === system.id)"
      :leg="leg?.id"
      :node="node"
      :place="layout.places.get(node.id)"
      :bend-radius="bendRadius"
      :stock-length="stockLength"
      @apply="apply"
    />
    <LazyCutInForm
      v-else-if="tool === 'cut-in'"
      :run="system.id"
      :leg="leg"
      :node="node"
      :cut-in="cutIn"
      :reasons="cutInReasons"
      @apply="apply"
      @go="(id) => emit('go', id)"
    />
    <LazySupportPanel
      v-else-if="tool === 'supports' && builtLeg"
      :system="builtSystem"
      :leg="builtLeg"
      :plan="plan"
      @apply="apply"
    />
    <template v-else-if="tool === 'advice'">
      <LazyAdvicePanel v-if="filled" :filled="filled" />
      <p v-else>A relief pipe stands empty and open: nothing to fill, drain or draw.</p>
    </template>
    <template v-else-if="tool === 'call'">
      <LazyPatternTool :units="job.units" @apply="apply" />
      <LazyOwnPatterns
        :units="job.units"
        word="Add to this job"
        @draw="(drawn) => apply((open) => addToJob(open, drawn))"
      />
      <LazyKeepPattern :run="run" />
    </template>
  </section>
</template>
