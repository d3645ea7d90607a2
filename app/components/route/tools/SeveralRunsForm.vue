<script setup lang="ts">
import { joinRuns } from '~~/core/edit/runs/join-runs'
import { toOwnRun } from '~~/core/edit/runs/own-run'
import type { Job, Leg } from '~~/core/job/job'
import { isRunEnd } from '~~/core/job/node-legs'
import { systemsOf, type System } from '~~/core/job/system'
import { useSelectionStore } from '~/stores/selection'

/** Add run joined to the node in hand, and a leg with what follows it as a run of its own. */
const props = defineProps<{ system: System; node: string; word: string; leg: Leg | undefined }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { job } = useOpenJob()
const selection = useSelectionStore()
const { namesIn, runName } = useNames()
const ends = computed(() =>
  systemsOf(job.value)
    .filter(({ id }) => id !== props.system.id)
    .flatMap(({ nodes }) => nodes.filter(({ kind }) => isRunEnd(kind)))
    .map(({ id, run }) => ({ value: id, label: `${runName(run)}, ${namesIn(run).node(id)}` })),
)
const chosen = ref('')
const end = computed(() => ends.value.find(({ value }) => value === chosen.value)?.value ?? ends.value[0]?.value ?? '')
const legName = computed(() => (props.leg ? namesIn(props.leg.run).leg(props.leg.id) : ''))
const join = () => emit('apply', (of) => joinRuns(of, props.node, end.value))
function makeOwn(): void {
  const { leg } = props
  if (!leg) return
  emit('apply', (of) => {
    const own = toOwnRun(of, randomIds, leg.run, leg.id)
    selection.run = own.run
    return own.job
  })
}
</script>

<template>
  <div class="space-y-4">
    <form v-if="ends.length" class="grid items-end gap-3" aria-label="Join a run" @submit.prevent="join">
      <Choice
        label="End of the other run"
        :items="ends"
        :model-value="end"
        @update:model-value="(id) => (chosen = id)"
      />
      <PushButton type="submit" color="primary" variant="solid">Join it at the {{ word }}</PushButton>
    </form>
    <p v-else class="text-muted">No other run has an open end to join here. <strong>Add run</strong> starts one.</p>
    <form v-if="leg" class="space-y-2" aria-label="Separate run" @submit.prevent="makeOwn">
      <p>From {{ legName }} on: a separate run with its own name, pipe, method and place.</p>
      <PushButton type="submit">Make it a separate run</PushButton>
    </form>
  </div>
</template>
