<script setup lang="ts">
/** The year in which a house was built; it may be left empty. */
const props = defineProps<{ modelValue: number | undefined }>()
const emit = defineEmits<{ 'update:modelValue': [year: number | undefined] }>()
const [first, last] = [1700, 2200]
const text = ref(String(props.modelValue ?? ''))
const problem = ref('')
watch(
  () => props.modelValue,
  (year) => {
    if (year !== undefined && Number(text.value) !== year) text.value = String(year)
  },
)

function read(typed: string): void {
  text.value = typed
  const year = Number(typed)
  const isEmpty = typed.trim() === ''
  const isYear = Number.isInteger(year) && year >= first && year <= last
  problem.value = isEmpty || isYear ? '' : `House built: write a year from ${first} to ${last}, or nothing`
  if (isEmpty) emit('update:modelValue', undefined)
  else if (isYear) emit('update:modelValue', year)
}
</script>

<template>
  <TextField
    label="House built"
    placeholder="year"
    :model-value="text"
    :problem="problem"
    inputmode="numeric"
    @update:model-value="read"
  />
</template>
