<script setup lang="ts">
import { touches, type Touch } from '~~/core/prove/stretches'

/** Pump or valve was touched while the test ran: what was read before and after is judged apart. */
const props = defineProps<{ noted: readonly Touch[]; disabled: boolean; now: () => number }>()
const emit = defineEmits<{ touched: [touch: Touch] }>()
const did = ref<Touch['did']>('topped up')
const items = touches.map((value) => ({ value, label: value }))
</script>

<template>
  <details>
    <summary class="min-h-11 cursor-pointer py-2">
      Pump or valve touched<template v-if="props.noted.length"> : {{ props.noted.length }} noted</template>
    </summary>
    <div class="flex flex-wrap items-end gap-3">
      <Choice label="What" class="w-40" :items="items" :model-value="did" @update:model-value="(v) => (did = v)" />
      <PushButton :disabled="disabled" label="Note it now" @click="emit('touched', { seconds: now(), did })" />
      <WhyNot :wants="disabled ? 'Type your name first.' : ''" />
    </div>
  </details>
</template>
