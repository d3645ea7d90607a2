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
const isAll = computed(() => props.chosen.length === props.parts.length)
function press(leg: string): void {
  const part = props.parts.find(({ legs }) => legs.includes(leg))
  if (part) emit('toggle', part)
}
</script>

<template>
  <details>
    <summary class="min-h-11 cursor-pointer py-2 font-semibold" data-parts-to-test>
      Under test:
      {{ isAll ? `all ${parts.length} parts` : `${chosen.length} of ${parts.length} parts` }}
    </summary>
    <div class="space-y-4">
      <ul class="ruled max-w-3xl border-y border-(--ui-border)" aria-label="Parts under test">
        <li v-for="part in parts" :key="part.id" class="py-1">
          <CheckBox
            :model-value="chosen.includes(part)"
            :label="nameOf(part)"
            :description="part.valves.length ? `closed off by the ${shutOf(part)}` : undefined"
            @update:model-value="emit('toggle', part)"
          />
        </li>
      </ul>
      <LazyTestDrawing :scope="scope" @leg="press" />
    </div>
  </details>
</template>
