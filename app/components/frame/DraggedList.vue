<script setup lang="ts" generic="Item extends { readonly id: string }">
import type Sortable from 'sortablejs'

/** A list whose items are dragged to other places by a handle; the list itself changes only when its items do. */
const props = defineProps<{ items: readonly Item[]; handle: string }>()
const emit = defineEmits<{ move: [from: number, to: number] }>()
const list = useTemplateRef<HTMLElement>('list')
let sortable: Sortable | undefined

function dropped({ from: parent, item, oldIndex: from, newIndex: to }: Sortable.SortableEvent): void {
  if (from === undefined || to === undefined || from === to) return
  // Put back where it was: what is shown follows from the items alone.
  parent.insertBefore(item, parent.children[from < to ? from : from + 1] ?? null)
  emit('move', from, to)
}
onMounted(async () => {
  const { default: Sorted } = await import('sortablejs')
  if (list.value)
    sortable = Sorted.create(list.value, { handle: props.handle, animation: 150, forceFallback: true, onEnd: dropped })
})
onBeforeUnmount(() => sortable?.destroy())
</script>

<template>
  <ol ref="list">
    <template v-for="(item, at) in items" :key="item.id"><slot :item="item" :at="at" /></template>
  </ol>
</template>
