<script setup lang="ts">
import { joistLimits, joistLimitsMessage, joistProblems, needsGuard, type JoistCut } from '~~/core/support/timber'
import { profileWith } from '~~/core/workshop/profile'

/** What may be cut out of a joist or a stud for the pipe, and whether it needs a guard plate there. */
const { job } = useOpenJob()
const { length, tell } = useWords()
const profile = computed(() => profileWith(job.value.profile, job.value.own?.changes))

const joist = ref<Partial<JoistCut> & { kind: JoistCut['kind'] }>({ kind: 'hole' })
const kinds = [
  { value: 'hole', label: 'a hole' },
  { value: 'notch', label: 'a notch' },
] as const
const whole = computed<JoistCut | null>(() => {
  const { kind, depth, span, at, size } = joist.value
  return depth && span && at !== undefined && size ? { kind, depth, span, at, size } : null
})
const problems = computed(() => (whole.value ? joistProblems(whole.value, job.value.profile) : []))
const clear = ref<number>()
const timber = { min: 1, max: 20_000 }
const fields = [
  { key: 'depth', label: 'Depth of the joist' },
  { key: 'span', label: 'Its span' },
  { key: 'at', label: 'From the nearer support' },
  { key: 'size', label: 'Size of the cut' },
] as const
</script>

<template>
  <details>
    <summary class="opens">Through a joist or stud</summary>
    <div class="grid grid-cols-2 gap-2 pt-2">
      <Choice
        label="What is cut"
        :items="kinds"
        :model-value="joist.kind"
        @update:model-value="(kind) => (joist = { ...joist, kind })"
      />
      <LengthField
        v-for="{ key, label } in fields"
        :key="key"
        :label="label"
        optional
        :limits="timber"
        :model-value="joist[key]"
        @update:model-value="(mm) => (joist = { ...joist, [key]: mm })"
      />
      <LengthField
        label="From its edge to the face of the timber"
        optional
        :limits="timber"
        :model-value="clear"
        @update:model-value="(mm) => (clear = mm)"
      />
    </div>
    <p v-if="whole && problems.length === 0" class="pt-2 text-(--ui-success)">Within the limits.</p>
    <p v-for="problem in problems" :key="problem.message" class="pt-2 text-(--ui-error)">
      Allowed: {{ tell(problem) }}.
    </p>
    <p
      v-if="clear !== undefined"
      class="pt-2"
      :class="needsGuard(clear, profile.guardDistance) ? 'text-(--ui-warning)' : ''"
    >
      {{
        needsGuard(clear, profile.guardDistance)
          ? `Nearer than ${length(profile.guardDistance)}: a guard plate over it.`
          : 'No guard needed.'
      }}
    </p>
    <p class="pt-2 text-sm text-muted">
      {{ tell(joistLimitsMessage(job.profile)) }} ({{ joistLimits[job.profile].basis }}); local code comes first.
    </p>
  </details>
</template>
