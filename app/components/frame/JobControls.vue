<script setup lang="ts">
import { useJobStore } from '~/stores/job'

/** What holds for a whole job: its units, whose rules, print, light or dark. In words where there is room for them. */
defineProps<{ inWords?: boolean }>()
const store = useJobStore()
const { word, icon, toggle } = useDark()
const {
  items: profileItems,
  current: heldProfile,
  choose: chooseProfile,
} = useProfileChoice(() => store.job ?? { profile: 'metric' })
const toggleUnits = () => {
  if (store.job) store.change({ ...store.job, units: store.job.units === 'metric' ? 'imperial' : 'metric' })
}
const setProfile = (value: string) => {
  const held = chooseProfile(value)
  if (store.job && held) store.change({ ...store.job, ...held })
}
</script>

<template>
  <template v-if="store.job">
    <PushButton variant="ghost" aria-label="Redo" :disabled="store.future.length === 0" @click="store.redo()">
      <UIcon name="i-lucide-redo-2" class="size-5" /><span v-if="inWords">Redo</span>
    </PushButton>
    <PushButton variant="ghost" aria-label="Change units" @click="toggleUnits">
      <span v-if="inWords">Units:</span><UnitsWord :units="store.job.units" />
    </PushButton>
    <Choice
      label="Rule profile"
      :bare="!inWords"
      :class="inWords ? '' : 'max-w-52'"
      :items="profileItems"
      :model-value="heldProfile"
      @update:model-value="setProfile"
    />
    <PushButton :to="`/jobs/${store.id}/print`" variant="ghost" aria-label="Print cut list and joint cards">
      <UIcon name="i-lucide-printer" class="size-5" /><span v-if="inWords">Print</span>
    </PushButton>
    <HelpButtons :in-words="inWords" />
    <PushButton variant="ghost" :aria-label="word" @click="toggle">
      <UIcon :name="icon" class="size-5" /><span v-if="inWords">{{ word }}</span>
    </PushButton>
  </template>
</template>
