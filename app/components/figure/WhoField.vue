<script setup lang="ts">
import { useLogStore } from '~/stores/log'
import { useWorkshopStore } from '~/stores/workshop'

/** The name of whoever does the work: remembered, and proposed from the workshop's people. */
const log = useLogStore()
const workshop = useWorkshopStore()
const id = useId()
</script>

<template>
  <UFormField label="Your name">
    <UInput v-model="log.who" aria-label="Your name" maxlength="80" class="w-full" :list="id" />
    <datalist :id="id">
      <option v-for="person in workshop.workshop.people" :key="person" :value="person" />
    </datalist>
  </UFormField>
</template>
