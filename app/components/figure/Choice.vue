<script setup lang="ts" generic="Value extends string">
/** A choice from a short list, with its label over it: the browser's own list, which a phone shows in its own way. */
const props = defineProps<{
  label: string
  items: readonly { value: Value; label: string }[]
  modelValue: Value | undefined
  placeholder?: string
  /** Without a label of its own, where the place says what it is. */
  bare?: boolean
}>()
const { letGo } = useKeysGoOn()
const emit = defineEmits<{ 'update:modelValue': [value: Value] }>()
/** The list knows its entries by their place: nought and “not said” are values too. */
const at = computed(() => props.items.findIndex(({ value }) => value === props.modelValue))
function choose(event: Event): void {
  const chosen = props.items[Number((event.target as HTMLSelectElement).value)]
  if (chosen) emit('update:modelValue', chosen.value)
  letGo()
}
</script>

<template>
  <label class="block">
    <span v-if="!bare" class="mb-1 block text-sm font-medium">{{ label }}</span>
    <select class="choice" :class="bare ? '' : 'choice-framed'" :value="at" :aria-label="label" @change="choose">
      <option v-if="at < 0" :value="-1" disabled>{{ placeholder ?? 'Choose' }}</option>
      <option v-for="(item, place) in items" :key="item.value" :value="place">{{ item.label }}</option>
    </select>
  </label>
</template>
