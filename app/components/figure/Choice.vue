<script setup lang="ts" generic="Value extends string">
/** A choice from a short list, with its label over it. */
const props = defineProps<{
  label: string
  items: readonly { value: Value; label: string }[]
  modelValue: Value | undefined
  placeholder?: string
  /** Without a label of its own, where the place says what it is. */
  bare?: boolean
}>()
const { content, letGo } = useKeysGoOn()
const emit = defineEmits<{ 'update:modelValue': [value: Value] }>()
/** The list takes no empty value; here one stands for “not said”. */
const unsaid = 'not set'
const shown = computed(() => props.items.map(({ value, label }) => ({ value: (value || unsaid) as string, label })))
const chosen = computed((): string | undefined =>
  props.modelValue === undefined ? undefined : props.modelValue || unsaid,
)
const choose = (value: string) => emit('update:modelValue', (value === unsaid ? '' : value) as Value)
</script>

<template>
  <UFormField :label="bare ? undefined : label">
    <USelect
      :items="shown"
      :model-value="chosen"
      :placeholder="placeholder"
      :variant="bare ? 'ghost' : 'outline'"
      :aria-label="label"
      :content="content"
      class="w-full"
      @update:open="(open) => !open && letGo()"
      @update:model-value="choose"
    />
  </UFormField>
</template>
