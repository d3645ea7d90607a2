<script setup lang="ts">
import { until } from '@vueuse/core'
import type { Job } from '~~/core/job/job'
import { patternsIn } from '~~/core/patterns'
import { addToJob } from '~~/core/patterns/add-to-job'
import type { Units } from '~~/core/quantity/units'

/** An everyday call drawn into the open job, as runs of its own. */
const props = defineProps<{ units: Units }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { trade } = useWords()
const calls = computed(() => patternsIn(props.units))
const chosen = ref(calls.value[0]!.id)
const items = computed(() => calls.value.map(({ id, name }) => ({ value: id, label: trade(name) })))
const pattern = computed(() => calls.value.find(({ id }) => id === chosen.value) ?? calls.value[0]!)
const { answers, answer, drawn, isBehind } = usePattern(
  () => pattern.value,
  () => props.units,
)
const made = computed(() => (drawn.value && 'job' in drawn.value ? drawn.value.job : null))
const problem = computed(() => (drawn.value && 'problem' in drawn.value ? drawn.value.problem : ''))
const isAdding = ref(false)
async function add(): Promise<void> {
  isAdding.value = true
  // What was chosen and typed last is drawn first.
  await until(isBehind).toBe(false)
  isAdding.value = false
  const { value: job } = made
  if (job) emit('apply', (open) => addToJob(open, job))
}
</script>

<template>
  <form class="space-y-3" aria-label="An everyday call" @submit.prevent="add">
    <Choice v-model="chosen" label="Call" :items="items" />
    <PatternForm :pattern="pattern" :answers="answers" @answer="answer" />
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
    <PatternPicture v-else-if="made" :job="made" />
    <PushButton
      type="submit"
      label="Add to this job"
      color="primary"
      variant="solid"
      :disabled="problem !== '' || isAdding"
    />
    <WhyNot :wants="problem === '' ? '' : 'Put right what is typed.'" />
  </form>
</template>
