<script setup lang="ts">
/** A line of text with its label over it and what is wrong with it under it: the browser's own field. */
const props = defineProps<{
  label: string
  modelValue: string | undefined
  type?: 'text' | 'date' | 'time'
  /** What is said at the end of the label. */
  hint?: string
  unit?: string
  icon?: string
  problem?: string
  placeholder?: string
  inputmode?: 'none' | 'decimal' | 'numeric' | 'text'
  maxlength?: number | string
  autocomplete?: string
  autofocus?: boolean
  disabled?: boolean
  /** What may be meant: the browser offers it. */
  offers?: readonly string[]
  /** What a reader hears, where the label says it only beside its neighbours. */
  name?: string
  /** Without a label of its own, in a table that names rows and columns. */
  bare?: boolean
  /** Larger letters, for what is the question itself. */
  large?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [text: string]; change: [text: string] }>()
const textOf = (event: Event) => (event.target as HTMLInputElement).value
const id = useId()
const field = useTemplateRef<HTMLInputElement>('field')
// After a dialog has given its focus to what comes first in it.
onMounted(() => props.autofocus && setTimeout(() => field.value?.focus()))
</script>

<template>
  <div>
    <div v-if="!bare" class="mb-1 flex items-center justify-between gap-1 text-sm">
      <label :for="id" class="font-medium">{{ label }}</label>
      <span v-if="hint" class="text-muted">{{ hint }}</span>
    </div>
    <div class="flex gap-1.5">
      <div class="relative min-w-0 flex-1">
        <UIcon v-if="icon" :name="icon" class="absolute inset-y-0 left-3 my-auto size-5 text-dimmed" />
        <input
          :id="id"
          ref="field"
          :type="type ?? 'text'"
          :value="modelValue ?? ''"
          :inputmode="inputmode"
          :maxlength="maxlength"
          :placeholder="placeholder"
          :autocomplete="autocomplete ?? 'off'"
          :disabled="disabled"
          :list="offers && `${id}-offers`"
          :aria-label="name ?? label"
          :aria-invalid="problem ? true : undefined"
          :aria-describedby="problem ? `${id}-problem` : undefined"
          class="field"
          :class="{ 'field-large': large, 'field-unit': unit, 'field-icon': icon }"
          @input="(event) => emit('update:modelValue', textOf(event))"
          @change="(event) => emit('change', textOf(event))"
        />
        <span v-if="unit" class="label pointer-events-none absolute inset-y-0 right-3 flex items-center text-sm">{{
          unit
        }}</span>
      </div>
      <!-- What is pressed beside it. -->
      <slot />
    </div>
    <datalist v-if="offers" :id="`${id}-offers`">
      <option v-for="offer in offers" :key="offer" :value="offer" />
    </datalist>
    <p v-if="problem" :id="`${id}-problem`" role="alert" class="mt-1 text-sm text-(--ui-error)">{{ problem }}</p>
  </div>
</template>
