<script setup lang="ts">
import { provenJoints } from '~~/core/log/proven'
import { unseen } from '~~/core/record/missing'
import { useLogStore } from '~/stores/log'

/** What is covered now, and what is behind it; where nobody has looked at a joint there, it is asked why. */
const props = defineProps<{ disabled: boolean }>()
const { built: job, plan } = useOpenJob()
const log = useLogStore()
const { runName } = useNames()
const covering = ref('')
const behind = ref('')
const behinds = computed(() => [
  { value: '', label: 'all runs' },
  ...job.value.runs.map(({ id }) => ({ value: id, label: runName(id) })),
])
const coveredJoints = computed(() =>
  plan.value.joints.filter(({ run }) => !behind.value || run === behind.value).map(({ id }) => id),
)
/** Joints behind it that nobody has looked at, and no test has been ended: then it is asked why. */
const unlooked = computed(() =>
  log.state ? unseen(log.state, provenJoints(job.value, plan.value, log.state), coveredJoints.value) : [],
)
const why = ref('')
const mayCover = computed(
  () => !props.disabled && covering.value.trim() !== '' && (unlooked.value.length === 0 || why.value.trim() !== ''),
)
function cover(): void {
  const reason = unlooked.value.length > 0 ? { why: why.value.trim() } : {}
  const body = { where: covering.value.trim(), joints: coveredJoints.value, ...reason }
  log.write({ kind: 'covered', subject: {}, body }, 'covered')
  covering.value = why.value = ''
}
</script>

<template>
  <div class="flex flex-wrap items-end gap-3">
    <TextField v-model="covering" label="Closed in at" maxlength="200" class="w-48" />
    <Choice
      label="Behind it"
      class="w-40"
      :items="behinds"
      :model-value="behind"
      @update:model-value="(v) => (behind = v)"
    />
    <TextField
      v-if="covering.trim() !== '' && unlooked.length > 0"
      v-model="why"
      :label="`Why, although ${unlooked.length} ${unlooked.length === 1 ? 'joint was' : 'joints were'} not inspected or tested`"
      class="min-w-60 flex-1"
      :maxlength="500"
    />
    <PhotoButton :joint="null" label="Photo before closing in" :before-covering="covering" :disabled="disabled" />
    <PushButton :disabled="!mayCover" label="Mark as closed in" @click="cover" />
    <WhyNot
      :wants="
        disabled
          ? 'Type your name first.'
          : covering.trim() === ''
            ? 'Type what is closed in.'
            : mayCover
              ? ''
              : 'Type why.'
      "
    />
  </div>
</template>
