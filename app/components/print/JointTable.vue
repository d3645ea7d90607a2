<script setup lang="ts">
import type { PlanJoint } from '~~/core/pipework/planned'

/** Every joint with what it is made of, how, and how far in. */
defineProps<{
  joints: readonly PlanJoint[]
  placeOf: (joint: PlanJoint) => string
  pipeWords: (joint: PlanJoint) => string
}>()
const { length, tolerance, trade } = useWords()
const { methodName } = useMethods()
</script>

<template>
  <section>
    <h2 class="heading">Joints</h2>
    <table class="w-full text-left">
      <thead>
        <tr class="label">
          <th>No.</th>
          <th>Where</th>
          <th>Pipe</th>
          <th>How</th>
          <th class="text-right">Goes in</th>
        </tr>
      </thead>
      <tbody class="ruled">
        <tr v-for="joint in joints" :key="joint.id" class="align-top">
          <td class="pr-3 font-semibold">{{ joint.number }}</td>
          <td class="pr-3">{{ placeOf(joint) }}</td>
          <td class="pr-3">{{ pipeWords(joint) }}</td>
          <td class="pr-3">{{ trade(methodName(joint.method)) }}</td>
          <td class="text-right whitespace-nowrap">
            {{ joint.insertion === null ? 'measure it' : length(joint.insertion)
            }}<template v-if="joint.insertionTolerance !== null"> ± {{ tolerance(joint.insertionTolerance) }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
