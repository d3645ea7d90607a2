<script setup lang="ts">
/** What is pressed most at a joint, under the thumb: the one before, what comes next of this one, the one after. */
defineProps<{
  number: number
  count: number
  state: 'to make' | 'made' | 'inspected' | 'refused'
  named: boolean
  resting: boolean
}>()
const emit = defineEmits<{ step: [by: 1 | -1]; make: []; inspect: [sound: boolean] }>()
</script>

<template>
  <div class="no-print border-t border-(--ui-border) bg-(--ui-bg) p-1.5" role="group" aria-label="This joint">
    <p v-if="!named && state !== 'refused'" class="px-1 pb-1 text-sm">
      Enter your name above first; it goes on everything you mark.
    </p>
    <div class="flex gap-1.5">
      <PushButton aria-label="Joint before" class="key" icon="i-lucide-chevron-left" @click="emit('step', -1)" />
      <PushButton
        v-if="state === 'to make'"
        color="primary"
        variant="solid"
        class="key flex-1 text-xl"
        :disabled="!named || resting"
        @click="emit('make')"
      >
        <UIcon name="i-lucide-check" class="size-6" />Made
      </PushButton>
      <template v-else-if="state === 'made'">
        <PushButton
          color="primary"
          variant="solid"
          class="key flex-1 text-lg"
          :disabled="!named || resting"
          @click="emit('inspect', true)"
        >
          Inspected: OK
        </PushButton>
        <PushButton class="key" :disabled="!named || resting" @click="emit('inspect', false)">Not OK</PushButton>
      </template>
      <p v-else class="flex flex-1 items-center justify-center font-label text-xl font-semibold">
        {{ number }} of {{ count }}
      </p>
      <PushButton aria-label="Joint after" class="key" icon="i-lucide-chevron-right" @click="emit('step', 1)" />
    </div>
  </div>
</template>

<style scoped>
.key {
  min-height: 3.5rem;
}

/* Held sideways the figure needs the room. */
@media (height < 30rem) {
  .key {
    min-height: 2.75rem;
  }
}
</style>
