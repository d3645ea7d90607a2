<script setup lang="ts">
import type { Bar } from '~~/core/cut/stock'

/** What to bring to the job, with what it costs a press away. @prop laid how its pieces are laid, once that was sought */
defineProps<{ laid: ReadonlyMap<string, readonly Bar[]> | null }>()
const { store, plan } = useOpenJob()
</script>

<template>
  <section aria-label="To bring">
    <h2 class="heading">What to bring</h2>
    <PartsList :plan="plan" :laid="laid" />
    <ListFiles v-if="laid" :laid="laid" />
    <PushButton
      :to="`/jobs/${store.id}/estimate`"
      label="What it costs"
      icon="i-lucide-calculator"
      color="neutral"
      variant="outline"
      class="mt-2"
    />
    <PartsTally />
  </section>
</template>
