<script setup lang="ts">
/** A choice from hundreds, found by what is typed. The list itself comes when it is first opened. */
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

const load = () => import('#ui/components/SelectMenu.vue')
const List = defineAsyncComponent(load)
const isWanted = ref(isOpen.value)
watch(isOpen, (open) => open && (isWanted.value = true))
/** It opens once it stands there: what is open from the start finds no room for its entries. */
const list = useTemplateRef<object>('list')
// There before it is pressed: what is typed right after the press is looked for in it.
onNuxtReady(load)
function setOpen(open: boolean): void {
  isOpen.value = open
  if (!open) letGo()
}
const shown = computed(
  () => props.chosen ?? props.items.find(({ value }) => value === props.modelValue)?.label ?? props.placeholder,
)
</script>

<template>
  <label class="block">
    <span class="mb-1 block text-sm font-medium">{{ label }}</span>
    <span class="block min-h-11">
      <PushButton
        v-if="!isWanted"
        class="w-full justify-between text-left font-normal"
        trailing-icon="i-lucide-chevron-down"
        role="combobox"
        aria-expanded="false"
        aria-haspopup="listbox"
        :aria-label="label"
        :label="shown"
        @click="isOpen = true"
      />
      <component
        :is="List"
        v-else
        ref="list"
        v-model:search-term="said"
        :open="isOpen && list !== null"
        :model-value="modelValue"
        :items="[...items]"
        value-key="value"
        virtualize
        :ignore-filter="found"
        class="w-full"
        :placeholder="placeholder"
        :search-input="{ placeholder: searchPlaceholder ?? 'Search' }"
        :aria-label="label"
        @update:open="setOpen"
        @update:model-value="(value: string | undefined) => value && emit('update:modelValue', value)"
      >
        <template v-if="chosen" #default
          ><span class="text-left">{{ chosen }}</span></template
        >
        <template #empty><slot name="empty">Nothing of that name.</slot></template>
      </component>
    </span>
  </label>
</template>
