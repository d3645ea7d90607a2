<script setup lang="ts">
/** Removes something of the workshop, once it was asked about. */
defineProps<{ name: string }>()
const emit = defineEmits<{ remove: [] }>()
const isAsked = ref(false)
function remove(): void {
  isAsked.value = false
  emit('remove')
}
</script>

<template>
  <span v-if="isAsked" role="alertdialog" :aria-label="`Remove ${name}?`" class="flex flex-wrap items-center gap-2">
    Remove {{ name }}?
    <PushButton color="error" label="Remove" @click="remove" />
    <PushButton label="Keep" @click="isAsked = false" />
  </span>
  <PushButton v-else variant="ghost" icon="i-lucide-trash-2" :aria-label="`Remove ${name}`" @click="isAsked = true" />
</template>
