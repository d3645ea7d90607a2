<script setup lang="ts">
import { fixtureCalled } from '~~/core/catalogue/fixture'
import { times } from '~~/core/quantity/vector'
import { splitLeg } from '~~/core/edit/legs/edit-leg'
import { nodeKinds } from '~~/core/job/kinds'
import type { Axis, Job, Leg, NodeKind } from '~~/core/job/job'
import { nodeWord } from '~~/core/job/node-legs'
import { unitVector } from '~~/core/job/direction'
import { moveFixture, moveNode } from '~~/core/edit/legs/move-node'

/** Moves the node in hand with the legs that follow, and puts a fitting into the selected leg. */
const props = defineProps<{ run: string; node: string; word: string; leg: Leg | undefined }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { job } = useOpenJob()
const { trade } = useWords()
const { namesIn } = useNames()
const legName = computed(() => (props.leg ? namesIn(props.run).leg(props.leg.id) : ''))
const by = ref<number>()
const way = ref<Axis>('east')
const { ways } = useWays()
const at = ref<number>()
const kind = ref<NodeKind>('valve')
const kinds = nodeKinds
  .filter((of) => !['tie-in', 'outlet', 'cap', 'open', 'elbow', 'bend'].includes(of))
  .map((value) => ({ value, label: nodeWord(value) }))
const lengths = { min: 0.5, max: 50_000 }
function move(): void {
  const mm = by.value
  if (mm) emit('apply', (job) => moveNode(job, props.run, props.node, times(unitVector(way.value), mm)))
}
/** The fixture that this and other outlets lead to: it can be moved as one. */
const fixture = computed(() => {
  const led = job.value.nodes.find(({ id }) => id === props.node)?.fixture
  const outlets = job.value.nodes.filter((node) => node.fixture?.id === led?.id)
  return led && outlets.length > 1
    ? { id: led.id, name: fixtureCalled(led, job.value.fixtures ?? [])?.name ?? 'fixture' }
    : null
})
function moveWhole(): void {
  const [mm, of] = [by.value, fixture.value]
  if (mm && of) emit('apply', (open) => moveFixture(open, of.id, times(unitVector(way.value), mm)))
}
function put(): void {
  const [mm, leg] = [at.value, props.leg]
  if (mm && leg)
    emit('apply', (job) => splitLeg(job, randomIds, props.run, { legId: leg.id, at: mm, kind: kind.value }).job)
}
</script>

<template>
  <div class="space-y-4">
    <form class="grid grid-cols-2 items-end gap-3" aria-label="Move" @submit.prevent="move">
      <LengthField
        label="Move by"
        optional
        :limits="lengths"
        :model-value="by"
        @update:model-value="(mm) => (by = mm)"
      />
      <Choice label="Which way" :items="ways" :model-value="way" @update:model-value="(axis) => (way = axis)" />
      <PushButton type="submit" color="primary" variant="solid" class="col-span-2" :disabled="!by"
        >Move {{ word }}, the rest follows</PushButton
      >
      <PushButton
        v-if="fixture"
        variant="outline"
        class="col-span-2"
        :disabled="!by"
        :label="`Move the whole ${trade(fixture.name)}, all its pipes`"
        @click="moveWhole"
      />
      <WhyNot :wants="by ? '' : 'Type by how much.'" />
    </form>
    <form v-if="leg" class="grid grid-cols-2 items-end gap-3" aria-label="Put into the leg" @submit.prevent="put">
      <LengthField
        :label="`From the start of ${legName}`"
        optional
        :limits="lengths"
        :model-value="at"
        @update:model-value="(mm) => (at = mm)"
      />
      <Choice label="Put in" :items="kinds" :model-value="kind" @update:model-value="(value) => (kind = value)" />
      <PushButton type="submit" color="primary" variant="solid" class="col-span-2" :disabled="!at"
        >Put it into {{ legName }}</PushButton
      >
      <WhyNot :wants="at ? '' : 'Type how far from the start.'" />
    </form>
  </div>
</template>
