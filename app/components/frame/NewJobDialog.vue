<script setup lang="ts">
import { emptyJob } from '~~/core/edit/new-job'
import type { Job } from '~~/core/job/job'
import { profiles, usualProfile, type ProfileId } from '~~/core/workshop/profile'
import type { Units } from '~~/core/quantity/units'

const open = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ create: [job: Job] }>()
const title = ref('')
const { units: usual } = useBenchUnits()
const units = ref<Units>(usual.value)
const profile = ref<ProfileId>(usualProfile(units.value))
const problem = ref('')
const unitItems: { value: Units; label: string }[] = [
  { value: 'metric', label: 'Millimetres' },
  { value: 'imperial', label: 'Feet, inches, sixteenths' },
]
const profileItems = Object.values(profiles).map(({ id, name }) => ({ value: id, label: name }))
watch(units, (now) => (profile.value = usualProfile(now)))

function create(): void {
  if (title.value.trim() === '') {
    problem.value = 'Title: write where the job is, in 1 to 200 characters'
    return
  }
  open.value = false
  emit('create', emptyJob(title.value.trim().slice(0, 200), units.value, profile.value))
}
</script>

<template>
  <UModal v-model:open="open" title="New job" description="Where it is, its units, and whose rules apply.">
    <template #body>
      <form class="space-y-4" @submit.prevent="create">
        <TextField v-model="title" label="Title" autofocus placeholder="Where is it?" :problem="problem" />
        <Choice v-model="units" label="Units" :items="unitItems" />
        <Choice v-model="profile" label="Rule profile" :items="profileItems" />
        <p class="text-sm text-muted">Local code, the maker’s instructions and a licensed person come first.</p>
        <PushButton type="submit" label="Begin" class="w-full" color="primary" variant="solid" />
      </form>
    </template>
  </UModal>
</template>
