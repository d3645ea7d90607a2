<script setup lang="ts">
/** The bender that a job's bends are marked for, and what is to be known where it is none, or the workshop's is another by now. */
const props = defineProps<{ od: number }>()
const { keptFor, markForInHand } = useJobBenders()
const { length } = useWords()
const found = computed(() => keptFor(props.od))
const isOther = computed(() => {
  const { kept, state, now } = found.value
  return !!now && !(now.id === kept?.id && state === 'as kept')
})
</script>

<template>
  <div v-if="found.kept || found.now" class="space-y-2" role="group" aria-label="Bender of this job">
    <p v-if="found.kept" class="text-sm">
      Marked for {{ found.kept.name }}, radius {{ length(found.kept.radius) }}, as it was when the bends were drawn.
    </p>
    <p v-else class="text-(--ui-warning)">Marked for no bender: where each bend starts, without grip or spring-back.</p>
    <p v-if="found.kept && found.state === 'changed'" class="text-(--ui-warning)">
      The workshop’s {{ found.kept.name }} has new figures: these marks keep the old ones.
    </p>
    <p v-else-if="found.kept && found.state === 'gone'" class="text-(--ui-warning)">
      The workshop no longer has {{ found.kept.name }}: these marks are still for it.
    </p>
    <PushButton v-if="isOther && found.now" @click="markForInHand(od)">
      Mark for {{ found.now.name }} as it is now, radius {{ length(found.now.radius) }}
    </PushButton>
  </div>
</template>
