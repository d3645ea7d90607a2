<script setup lang="ts">
import { onClickOutside } from '@vueuse/core'

/**
 * A choice from hundreds, found by what is typed. It opens where it stands and takes letters from the press on: a list
 * that is fetched first loses what quick fingers type.
 */
const props = defineProps<{
  label: string
  items: readonly { value: string; label: string }[]
  modelValue: string | undefined
  /** What is said of the chosen one, where the list does not hold it at the moment. */
  chosen?: string
  placeholder?: string
  searchPlaceholder?: string
  /** The list is handed in as it is found, by what is typed. */
  found?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const isOpen = defineModel<boolean>('open', { default: false })
const said = defineModel<string>('said', { default: '' })
const { letGo } = useKeysGoOn()

const shown = computed(
  () => props.chosen ?? props.items.find(({ value }) => value === props.modelValue)?.label ?? props.placeholder,
)
const all = computed(() =>
  props.found ? props.items : props.items.filter(({ label }) => holdsWords(label, said.value)),
)
/** As many as are drawn at once; more as they are come to. */
const batch = 60
const drawn = ref(batch)
const rows = computed(() => all.value.slice(0, drawn.value))
/** The row that Enter takes. */
const at = ref(0)

const id = useId()
const root = useTemplateRef<HTMLElement>('root')
const field = useTemplateRef<HTMLInputElement>('field')
const button = useTemplateRef<{ $el: HTMLElement }>('button')
const begin = (row: number): void => {
  drawn.value = Math.max(batch, row + 1)
  at.value = Math.max(0, row)
}
async function show(): Promise<void> {
  begin(all.value.findIndex(({ value }) => value === props.modelValue))
  field.value?.focus()
  await nextTick()
  toRow()
}
watch(isOpen, (is) => is && show(), { flush: 'post' })
onMounted(() => isOpen.value && show())
watch(said, () => begin(0))

function toRow(): void {
  document.getElementById(`${id}-${at.value}`)?.scrollIntoView({ block: 'nearest' })
}
async function move(by: number): Promise<void> {
  at.value = Math.min(Math.max(0, at.value + by), all.value.length - 1)
  drawn.value = Math.max(drawn.value, at.value + batch)
  await nextTick()
  toRow()
}
function drawMore({ target }: Event): void {
  const { scrollTop, clientHeight, scrollHeight } = target as HTMLElement
  if (scrollTop + 2 * clientHeight > scrollHeight) drawn.value = Math.min(drawn.value + batch, all.value.length)
}
function close(): void {
  isOpen.value = false
  said.value = ''
}
async function closeByHand(): Promise<void> {
  close()
  await nextTick()
  button.value?.$el.focus()
  letGo()
}
async function take(row: number): Promise<void> {
  const taken = all.value[row]
  if (!taken) return
  emit('update:modelValue', taken.value)
  await closeByHand()
}
/** A keyboard that is put away, or another window, is no leaving; nor is the button’s going, which has nowhere to go to. */
function leave({ relatedTarget }: FocusEvent): void {
  if (relatedTarget && !root.value?.contains(relatedTarget as Node)) close()
}
onClickOutside(root, () => isOpen.value && close())
</script>

<template>
  <div ref="root" @focusout="leave">
    <label :for="id" class="mb-1 block text-sm font-medium">{{ label }}</label>
    <PushButton
      v-if="!isOpen"
      :id="id"
      ref="button"
      class="w-full justify-between text-left font-normal"
      trailing-icon="i-lucide-chevron-down"
      role="combobox"
      aria-expanded="false"
      aria-haspopup="listbox"
      :aria-label="label"
      @click="isOpen = true"
    >
      <span class="min-w-0">{{ shown }}</span>
    </PushButton>
    <template v-else>
      <input
        :id="id"
        ref="field"
        v-model="said"
        class="choice choice-framed cursor-text"
        role="combobox"
        aria-expanded="true"
        aria-autocomplete="list"
        :aria-controls="`${id}-list`"
        :aria-activedescendant="rows.length > 0 ? `${id}-${at}` : undefined"
        :aria-label="label"
        :placeholder="searchPlaceholder ?? 'Search'"
        autocomplete="off"
        autocapitalize="off"
        spellcheck="false"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="take(at)"
        @keydown.esc.stop.prevent="closeByHand"
      />
      <ul
        :id="`${id}-list`"
        role="listbox"
        :aria-label="label"
        class="long-list"
        @scroll.passive="drawMore"
        @mousedown.prevent
      >
        <li
          v-for="(item, row) in rows"
          :id="`${id}-${row}`"
          :key="item.value"
          role="option"
          :aria-selected="item.value === modelValue"
          :class="row === at && 'long-list-at'"
          @click="take(row)"
        >
          {{ item.label }}
        </li>
      </ul>
      <p v-if="rows.length === 0" class="p-2 text-sm" role="status"><slot name="empty">Nothing of that name.</slot></p>
    </template>
  </div>
</template>
