<script setup lang="ts">
import type { Run } from '~~/core/job/job'
import { ownPatternOf } from '~~/core/patterns/own-pattern'
import { useWorkshopStore } from '~/stores/workshop'

/** Keeps the open job, or what hangs together with one run of it, as a pattern to begin others from. */
const props = defineProps<{ run: Run }>()
const { job } = useOpenJob()
const workshop = useWorkshopStore()
const { problemOf } = useWords()
const name = ref('')
const whole = ref(true)
const problem = ref('')
const kept = ref('')
function keep(): void {
  kept.value = ''
  try {
    const asked = { name: name.value.trim(), ...(whole.value ? {} : { run: props.run.id }) }
    const isKept = workshop.set(['patterns', crypto.randomUUID().slice(0, 8)], ownPatternOf(job.value, asked))
    problem.value = workshop.problem
    if (!isKept) return
    kept.value = asked.name
    name.value = ''
  } catch (error) {
    problem.value = problemOf(error)
  }
}
const parts = computed(() => [
  { value: true, label: 'the whole job' },
  { value: false, label: `only ${props.run.name || 'this run'}` },
])
</script>

<template>
  <form class="space-y-3 border-t border-(--ui-border) pt-3" aria-label="Keep as a pattern" @submit.prevent="keep">
    <h3 class="heading">Keep this as a pattern</h3>
    <TextField v-model="name" label="Its name" maxlength="80" placeholder="Basin on the back wall" />
    <div role="group" aria-label="How much of it" class="flex flex-wrap gap-1">
      <PushButton
        v-for="{ value, label } in parts"
        :key="label"
        :aria-pressed="whole === value"
        :active="whole === value"
        :label="label"
        @click="whole = value"
      />
    </div>
    <PushButton type="submit" label="Keep it" :disabled="name.trim() === ''" />
    <WhyNot :wants="name.trim() === '' ? 'Type its name.' : ''" />
    <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
    <p v-if="kept" role="status">“{{ kept }}” is kept: begin jobs from it, or add it here.</p>
  </form>
</template>
