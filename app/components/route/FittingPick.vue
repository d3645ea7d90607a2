<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { bodiesFor, bodyOf } from '~~/core/run/body'
import type { Node } from '~~/core/job/job'
import { layOut } from '~~/core/run/layout'
import { useCatalogueStore } from '~/stores/catalogue'

/** The fitting that stands at a node by its name in the trade: of those that take the pipes there, with its own length. */
const props = defineProps<{ system: System; node: Node }>()
const emit = defineEmits<{ choose: [fitting: string | undefined] }>()
const own = useCatalogueStore()
const { say } = useWords()
const fittings = computed(() => bodiesFor(own.catalogue, layOut(props.system), props.node))
const plain = 'plain'
const items = computed(() => [
  { value: plain, label: 'as drawn, by the method' },
  ...fittings.value.map(({ id, label }) => ({ value: id, label: say.value.trade(label) })),
])
const chosen = computed(() => bodyOf(props.node)?.label ?? props.node.fitting)
</script>

<template>
  <UFormField v-if="fittings.length > 1" label="Fitting by its name">
    <USelectMenu
      :items="items"
      value-key="value"
      virtualize
      class="w-full"
      :model-value="node.fitting ?? plain"
      :search-input="{ placeholder: 'drop-ear, angle stop, 15 compression' }"
      aria-label="Fitting by its name"
      @update:model-value="(id) => emit('choose', id === plain ? undefined : id)"
    >
      <template v-if="chosen" #default>{{ say.trade(chosen) }}</template>
    </USelectMenu>
  </UFormField>
</template>
