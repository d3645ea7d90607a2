<script setup lang="ts">
import { itemsOf, type Answers, type Ask, type Pattern } from '~~/core/patterns/pattern'

/** What a pattern asks, each with its usual answer until somebody types another. */
const props = defineProps<{ pattern: Pattern; answers: Answers }>()
const emit = defineEmits<{ answer: [id: string, value: string | number] }>()
const { units, trade } = useWords()
const asks = computed(() => Object.entries(props.pattern.asks).map(([id, ask]) => ({ id, ask: ask as Ask })))
const items = (ask: Ask) =>
  ask.kind === 'length' ? [] : itemsOf(ask, units.value).map(({ value, label }) => ({ value, label: trade(label) }))
const lengthOf = (id: string) => props.answers[id] as number
</script>

<template>
  <div class="grid grid-cols-2 items-end gap-3">
    <template v-for="{ id, ask } in asks" :key="`${pattern.id} ${id}`">
      <LengthField
        v-if="ask.kind === 'length'"
        :label="trade(ask.label)"
        :limits="{ min: ask.least, max: ask.most }"
        :model-value="lengthOf(id)"
        :of="pattern.id"
        @update:model-value="(mm) => mm !== undefined && emit('answer', id, mm)"
      />
      <Choice
        v-else
        :label="trade(ask.label)"
        :items="items(ask)"
        :model-value="answers[id] as string"
        @update:model-value="(value) => emit('answer', id, value)"
      />
    </template>
  </div>
</template>
