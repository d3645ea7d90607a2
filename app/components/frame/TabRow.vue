<script setup lang="ts">
/** One row of choices; on a phone it slides, and begins where the chosen one is seen. */
defineProps<{ label: string }>()
const row = useTemplateRef<HTMLDivElement>('row')
onMounted(() =>
  row.value?.querySelector('[aria-pressed="true"]')?.scrollIntoView({ inline: 'center', block: 'nearest' }),
)
</script>

<template>
  <div ref="row" class="tab-row" role="group" :aria-label="label"><slot /></div>
</template>
