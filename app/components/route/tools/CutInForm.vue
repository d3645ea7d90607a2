<script setup lang="ts">
import type { CutIn } from '~~/core/pipework/cut-ins'
import { cutInKinds, cutInto, putNewPipeIn, type CutInKind } from '~~/core/edit/existing/cut-into'
import { setNode } from '~~/core/edit/edit-run'
import type { Job, Leg, Node } from '~~/core/job/job'
import type { Condition } from '~~/core/job/place'
import type { Reason } from '~~/core/join/verdict'
import { nodeWord } from '~~/core/job/node-legs'
import { useCatalogueStore } from '~/stores/catalogue'

/** Cutting a fitting into pipe that is there: what to take out, the play it needs, and new pipe where that is not there. */
const props = defineProps<{
  run: string
  leg: Leg | undefined
  node: Node
  cutIn: CutIn | undefined
  /** What the rules say of its joints on the old pipe. */
  reasons: readonly Reason[]
}>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job]; go: [node: string] }>()
const { length, tolerance, trade } = useWords()
const { namesIn } = useNames()
const own = useCatalogueStore()
const names = computed(() => namesIn(props.run))

const kind = ref<CutInKind>('tee')
const kinds = cutInKinds.map((value) => ({ value, label: nodeWord(value) }))
const at = ref<number | undefined>()
const play = ref<number | undefined>()
const slip = ref<number | undefined>()
const limits = { min: 0, max: 500 }

function put(): void {
  const { run, leg } = props
  let node = ''
  emit('apply', (job) => {
    const done = cutInto(job, randomIds, run, {
      legId: leg!.id,
      kind: kind.value,
      where: { at: at.value, play: play.value },
    })
    node = done.node
    return done.job
  })
  if (node) emit('go', node)
}
const setPlay = (mm: number | undefined) => emit('apply', (job) => setNode(job, props.run, props.node.id, { play: mm }))
const setCondition = (condition: Condition) =>
  emit('apply', (job) => setNode(job, props.run, props.node.id, { condition }))
const putNewPipe = () =>
  emit('apply', (job) =>
    putNewPipeIn(own.catalogue, job, randomIds, { runId: props.run, nodeId: props.node.id, slipLength: slip.value }),
  )
const isHeld = computed(() => typeof props.cutIn?.playNeeded === 'number')
const isEnough = computed(() => (props.cutIn?.play ?? -1) >= (props.cutIn?.playNeeded ?? 0))
</script>

<template>
  <div class="space-y-4">
    <section v-if="cutIn" class="space-y-3" :aria-label="`Cut in: ${names.node(node.id)}`">
      <div class="grid grid-cols-2 gap-4">
        <Readout
          v-if="cutIn.remove"
          label="Cut out of the line"
          :value="length(cutIn.remove.mm)"
          :tolerance="tolerance(cutIn.remove.tolerance)"
          :basis="cutIn.remove.basis"
        />
        <Readout
          v-if="cutIn.playNeeded !== null"
          label="Play needed"
          :value="length(cutIn.playNeeded)"
          :basis="isEnough ? 'there is enough: spring it in' : 'one end comes back so far, along the pipe'"
        />
      </div>
      <ul class="list-disc pl-5">
        <li v-for="end in cutIn.ends" :key="end.leg">
          {{ names.leg(end.leg) }}: cut {{ length(end.cut?.mm ?? null) }} {{ trade('from the centre, mark') }}
          {{ length(end.mark?.mm ?? null) }} from the cut.
        </li>
      </ul>
      <template v-if="isHeld">
        <LengthField
          label="The ends can be sprung apart by"
          optional
          :of="node.id"
          :limits="limits"
          :model-value="node.play"
          @update:model-value="setPlay"
        />
        <div v-if="!isEnough" class="flex flex-wrap items-end gap-3">
          <LengthField
            label="Length of the slip coupling"
            optional
            :limits="limits"
            :model-value="slip"
            @update:model-value="(mm) => (slip = mm)"
          />
          <PushButton label="Put in new pipe with slip couplings" color="primary" variant="solid" @click="putNewPipe" />
        </div>
      </template>
      <ConditionForm of="old pipe" :condition="node.condition ?? {}" @change="setCondition" />
      <ReasonList :reasons="reasons.filter(({ verdict }) => verdict !== 'fits')" />
      <p class="text-sm text-muted">
        Water off and drained first. With no length entered, a typical slip coupling is used.
      </p>
    </section>
    <section v-if="leg?.state === 'existing'" class="space-y-3" aria-label="Cut into this pipe">
      <p>Into {{ names.leg(leg.id) }}, which is there:</p>
      <div class="grid grid-cols-2 items-end gap-3">
        <Choice label="Put in" :items="kinds" :model-value="kind" @update:model-value="(value) => (kind = value)" />
        <LengthField
          v-if="leg.length !== null"
          :label="`Centre, from ${names.node(leg.from)}`"
          :limits="{ min: 1, max: leg.length ?? 0 }"
          :model-value="at"
          @update:model-value="(mm) => (at = mm)"
        />
        <LengthField
          label="Play at the cut ends"
          optional
          :limits="limits"
          :model-value="play"
          @update:model-value="(mm) => (play = mm)"
        />
        <PushButton
          label="Cut in here"
          color="primary"
          variant="solid"
          :disabled="leg.length !== null && at === undefined"
          @click="put"
        />
        <WhyNot :wants="leg.length !== null && at === undefined ? 'Type where on the leg.' : ''" />
      </div>
    </section>
    <p v-else-if="!cutIn">
      Choose a leg of existing pipe. To draw one: <strong>X</strong>, an arrow, its length or none, Enter; or turn a leg
      to <strong>existing</strong> in the list.
    </p>
  </div>
</template>
