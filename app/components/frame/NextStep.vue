<script setup lang="ts">
import { steps } from '~~/core/plan/progress'

/** At the end of each step the way to the next. */
const props = defineProps<{ job: string }>()
const route = useRoute()
const next = computed(() => {
  const at = steps.findIndex((step) => route.path === `/jobs/${props.job}/${step}`)
  return at < 0 ? undefined : steps[at + 1]
})
</script>

<template>
  <p v-if="next" class="no-print mt-8 flex justify-end">
    <PushButton :to="`/jobs/${job}/${next}`" class="text-base" trailing-icon="i-lucide-arrow-right">
      Next: {{ stepNames[next] }}
    </PushButton>
  </p>
</template>
