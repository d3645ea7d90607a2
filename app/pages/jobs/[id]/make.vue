<script setup lang="ts">
import { useSelectionStore } from '~/stores/selection'

const { job, plan } = useOpenJob()
const { joints, cardOf, whereOf, runName } = useJointCards()
const selection = useSelectionStore()
const { length } = useLengthText()
const joint = computed(() => joints.value.find(({ id }) => id === selection.joint) ?? joints.value[0])
const card = computed(() => (joint.value ? cardOf(joint.value) : null))
</script>

<template>
  <div>
    <p v-if="!joint || !card">
      No joint yet: draw a run in <strong>Route</strong>, and a card for each joint stands here.
    </p>
    <div v-else class="grid gap-6 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
      <section class="order-1 space-y-3 lg:order-2" aria-label="Joint card">
        <Readout
          label="Mark the pipe at"
          :value="length(joint.insertion)"
          :tolerance="joint.insertionTolerance === null ? '' : length(joint.insertionTolerance)"
          :basis="joint.insertionBasis ?? 'not in the catalogue: measure the socket'"
        />
        <JointCardView :card="card" :joint="joint" :where="whereOf(joint)" />
        <h2 class="heading">Clips</h2>
        <ClipTable :job="job" :plan="plan" />
      </section>
      <section class="order-2 lg:order-1" aria-label="Joints in order">
        <JointList :joints="joints" :selected="joint.id" :run-name="runName" @select="(id) => (selection.joint = id)" />
      </section>
    </div>
  </div>
</template>
