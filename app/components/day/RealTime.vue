<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'

/** When one end of a visit really was. It is told once it was typed whole: a field that is turned up and down says much. */
const props = defineProps<{ label: string; time: string | undefined; isNamed: boolean }>()
const emit = defineEmits<{ said: [time: string | null] }>()
/** Not told yet; undefined while nothing was typed. */
const typed = ref<string>()
function tell(): void {
  if (typed.value !== undefined && typed.value !== (props.time ?? '')) emit('said', typed.value || null)
  typed.value = undefined
}
watchDebounced(typed, tell, { debounce: 600 })
onBeforeUnmount(tell)
</script>

<template>
  <label class="block"
    ><span class="label block text-base">{{ label }}</span
    ><TextField
      bare
      type="time"
      :label="label"
      :model-value="typed ?? time"
      :disabled="!isNamed"
      @update:model-value="(time) => (typed = time)"
      @focusout="tell"
  /></label>
</template>
