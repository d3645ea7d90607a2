<script setup lang="ts">
import type { Next } from '~~/core/prove/next'
import type { Touch } from '~~/core/prove/stretches'

/** What is asked about the readings, with the answers to press: topped up, or a reading that was misread. */
const props = defineProps<{ asks: NonNullable<Next['asks']>; disabled: boolean }>()
const emit = defineEmits<{ touched: [touch: Touch]; misread: [seconds: number] }>()
const between = computed(() => Math.floor((props.asks.from + props.asks.to) / 2))
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" data-asked>
    <template v-if="asks.of === 'topped up'">
      <PushButton
        :disabled="disabled"
        label="Yes, topped up"
        @click="emit('touched', { seconds: between, did: 'topped up' })"
      />
      <PushButton :disabled="disabled" label="No, misread: strike it out" @click="emit('misread', asks.to)" />
    </template>
    <PushButton v-else :disabled="disabled" label="Misread: strike it out" @click="emit('misread', asks.from)" />
    <WhyNot :wants="disabled ? 'Type your name first.' : ''" />
  </div>
</template>
