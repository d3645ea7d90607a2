<script setup lang="ts" generic="Value extends string">
/** A choice from a short list: the device's own picker, which a thumb and a keyboard both know. */
defineProps<{
  label: string
  items: readonly { value: Value; label: string }[]
  modelValue: Value | undefined
  placeholder?: string
  bare?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: Value] }>()
const id = useId()
const choose = (event: Event) => emit('update:modelValue', (event.target as HTMLSelectElement).value as Value)
</script>

<template>
  <div>
    <label v-if="!bare" :for="id" class="field-label">{{ label }}</label>
    <select
      :id="id"
      class="field"
      :class="bare ? 'w-28! border-transparent! bg-transparent! sm:w-auto!' : ''"
      :value="modelValue ?? ''"
      :aria-label="label"
      @change="choose"
    >
      <option v-if="placeholder" value="" disabled>{{ placeholder }}</option>
      <option v-for="item in items" :key="item.value" v-memo="[items]" :value="item.value">{{ item.label }}</option>
    </select>
  </div>
</template>
