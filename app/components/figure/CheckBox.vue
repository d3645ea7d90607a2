<script setup lang="ts">
/** One thing that holds or does not: the browser's own box, with what it says beside it. */
defineProps<{ label?: string; description?: string; modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [on: boolean] }>()
defineOptions({ inheritAttrs: false })
</script>

<template>
  <label class="check" :class="$attrs.class">
    <input
      v-bind="{ ...$attrs, class: undefined }"
      type="checkbox"
      :checked="modelValue"
      @change="(event) => emit('update:modelValue', (event.target as HTMLInputElement).checked)"
    />
    <span v-if="label">
      {{ label }}
      <span v-if="description" class="block text-muted">{{ description }}</span>
    </span>
  </label>
</template>
