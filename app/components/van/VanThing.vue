<script setup lang="ts">
import { isLow, type VanItem } from '~~/core/van/van'

/** A thing in the van: how many, one more or one fewer, what was counted, how many there are always to be. */
const props = defineProps<{ item: VanItem }>()
const emit = defineEmits<{ book: [of: { count?: number; counted?: number; least?: number }] }>()
const { length } = useWords()
const isOpen = ref(false)
const counted = ref<number | undefined>()
const least = ref<number | undefined>()
function open(): void {
  isOpen.value = !isOpen.value
  counted.value = props.item.count
  least.value = props.item.least
}
function save(): void {
  const changed = {
    ...(counted.value !== props.item.count && { counted: counted.value }),
    ...(least.value !== props.item.least && { least: least.value }),
  }
  if (Object.keys(changed).length > 0) emit('book', changed)
  isOpen.value = false
}
const name = computed(() => [props.item.what, props.item.mm === null ? '' : length(props.item.mm)].join(' ').trim())
</script>

<template>
  <li class="py-1">
    <div class="flex min-h-13 items-center gap-2">
      <button type="button" class="min-h-11 min-w-0 flex-1 text-left" :aria-expanded="isOpen" @click="open">
        {{ item.what }}<template v-if="item.mm !== null"> · {{ length(item.mm) }}</template>
        <span v-if="isLow(item)" class="flex items-center gap-1 text-sm text-(--ui-warning)"
          ><VerdictMark verdict="caution" :word="false" />low: {{ item.least }} are always to be there</span
        >
        <span v-else-if="item.least > 0" class="block text-sm text-muted">at least {{ item.least }}</span>
      </button>
      <PushButton
        class="size-11 justify-center"
        variant="outline"
        color="neutral"
        icon="i-lucide-minus"
        :aria-label="`One out: ${name}`"
        :disabled="item.count === 0"
        @click="emit('book', { count: -1 })"
      />
      <span class="figures w-12 text-center font-label text-2xl font-semibold" data-count>{{ item.count }}</span>
      <PushButton
        class="size-11 justify-center"
        variant="outline"
        color="neutral"
        icon="i-lucide-plus"
        :aria-label="`One in: ${name}`"
        @click="emit('book', { count: 1 })"
      />
    </div>
    <form v-if="isOpen" class="flex flex-wrap items-end gap-3 pb-2" @submit.prevent="save">
      <NumberField v-model="counted" label="Counted" class="w-32" whole :least="0" :most="9999" />
      <NumberField v-model="least" label="Always there" class="w-32" whole :least="0" :most="9999" />
      <PushButton type="submit" label="Save" />
    </form>
  </li>
</template>
