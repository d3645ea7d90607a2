<script setup lang="ts">
import { shippedCatalogue } from '~~/core/catalogue/catalogue'

defineProps<{ label: string; modelValue: string | undefined }>()
const emit = defineEmits<{ 'update:modelValue': [id: string] }>()
const items = shippedCatalogue.pipes.map(({ id, label }) => ({ value: id, label }))
</script>

<template>
  <UFormField :label="label">
    <USelectMenu
      :model-value="modelValue"
      :items="items"
      value-key="value"
      virtualize
      class="w-full"
      placeholder="Choose a pipe"
      :search-input="{ placeholder: 'Size, material, standard' }"
      :aria-label="label"
      @update:model-value="(id) => id && emit('update:modelValue', id)"
    />
  </UFormField>
</template>
