<script setup lang="ts">
/** One thing that holds or does not: the browser's own box, with what it says beside it. */
const props = defineProps<{ label?: string; description?: string; modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [on: boolean] }>()
defineOptions({ inheritAttrs: false })
/** A tick that was refused does not stay: the browser has set it already. */
async function press({ target }: Event): Promise<void> {
  const box = target as HTMLInputElement
  emit('update:modelValue', box.checked)
  await nextTick()
  box.checked = props.modelValue
}
</script>

<template>
  <label class="check" :class="$attrs.class">
    <input v-bind="{ ...$attrs, class: undefined }" type="checkbox" :checked="modelValue" @change="press" />
    <span v-if="label">
      {{ label }}
      <span v-if="description" class="block text-muted">{{ description }}</span>
    </span>
  </label>
</template>
