<script setup lang="ts">
/** A job file whose job is here already: a copy, or the same job. */
defineProps<{ title: string }>()
const emit = defineEmits<{ settle: [how: 'copy' | 'same']; cancel: [] }>()
</script>

<template>
  <section
    role="alertdialog"
    aria-label="This job is here already"
    class="mb-4 space-y-3 border-l-4 border-(--ui-warning) pl-3"
  >
    <p>
      <strong>{{ title }}</strong> is here already. Bring the log and photos of the file into it, or keep the file as a
      copy of its own? Nothing that is here is lost either way.
    </p>
    <div class="flex flex-wrap gap-2">
      <PushButton color="primary" variant="solid" @click="emit('settle', 'same')"
        >Same job: add its log and photos</PushButton
      >
      <PushButton @click="emit('settle', 'copy')">A copy</PushButton>
      <PushButton variant="ghost" @click="emit('cancel')">Cancel</PushButton>
    </div>
  </section>
</template>
