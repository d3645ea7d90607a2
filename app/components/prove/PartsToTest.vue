<script setup lang="ts">
import type { ClosedPart } from '~~/core/prove/closed-parts'
import type { Scope } from '~~/core/prove/scope'

/** Which of the parts that valves close off are tested: ticked in a list, or pressed in the drawing. */
const props = defineProps<{
  parts: readonly ClosedPart[]
  chosen: readonly ClosedPart[]
  scope: Scope
  nameOf: (part: ClosedPart) => string
  shutOf: (part: ClosedPart) => string
}>()
const emit = defineEmits<{ toggle: [part: ClosedPart] }>()
function press(leg: string): void {
  const part = props.parts.find(({ legs }) => legs.includes(leg))
  if (part) emit('toggle', part)
}
</script>

<template>
  <fieldset class="max-w-3xl space-y-2">
    <legend class="label">Under test</legend>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="part in parts" :key="part.id" class="flex min-h-11 flex-wrap items-center gap-x-4">
        <UCheckbox
          :model-value="chosen.includes(part)"
          :label="nameOf(part)"
          class="min-h-11 items-center"
          @update:model-value="emit('toggle', part)"
        />
        <span v-if="part.valves.length" class="text-sm text-muted">closed off by {{ shutOf(part) }}</span>
      </li>
    </ul>
    <LazyTestDrawing :scope="scope" @leg="press" />
  </fieldset>
</template>
