<script setup lang="ts">
import { useLogStore } from '~/stores/log'
import { useWorkshopStore } from '~/stores/workshop'

/** The name of whoever does the work: remembered, and proposed from the workshop's people. */
const log = useLogStore()
const workshop = useWorkshopStore()
</script>

<template>
  <TextField v-model="log.who" label="Your name" maxlength="80" :offers="workshop.workshop.people" />
</template>
