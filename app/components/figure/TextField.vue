<script setup lang="ts">
/** A line of text with its label over it and what is wrong with it under it. */
defineProps<{
  label: string
  modelValue: string
  unit?: string
  problem?: string
  placeholder?: string
  inputmode?: 'none' | 'decimal' | 'numeric' | 'text'
  maxlength?: number
  autocomplete?: string
  /** Without a label of its own, in a table that names rows and columns. */
  bare?: boolean
  /** Larger letters, for what is the question itself. */
  large?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [text: string]; change: [text: string] }>()
const textOf = (event: Event) => (event.target as HTMLInputElement).value
</script>

<template>
  <UFormField :label="bare ? undefined : label" :error="problem || undefined">
    <UInput
      :model-value="modelValue"
      :inputmode="inputmode"
      :maxlength="maxlength"
      :placeholder="placeholder"
      :autocomplete="autocomplete ?? 'off'"
      :aria-label="label"
      :ui="large ? { base: 'font-label text-2xl font-semibold' } : undefined"
      class="w-full"
      @update:model-value="(text) => emit('update:modelValue', String(text))"
      @change="(event: Event) => emit('change', textOf(event))"
    >
      <template v-if="unit" #trailing
        ><span class="label text-sm">{{ unit }}</span></template
      >
    </UInput>
    <template v-if="problem" #error
      ><span role="alert">{{ problem }}</span></template
    >
  </UFormField>
</template>
