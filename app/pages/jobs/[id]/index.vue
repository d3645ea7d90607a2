<script setup lang="ts">
import { nextStep } from '~~/core/plan/progress'
import { useJobStore } from '~/stores/job'

/** A job opens at the step that is next. */
const store = useJobStore()
await navigateTo(`/jobs/${store.id}/${nextStep(useProgress().value).step}`, { replace: true })
</script>

<template>
  <div />
</template>
