<script setup lang="ts">
/** A plain number with its unit and its range; what is not accepted is said, and stays as typed. */
const props = defineProps<{
  label: string
  modelValue: number | undefined
  unit?: string
  least: number
  most: number
  whole?: boolean
  optional?: boolean
  /** Without a label of its own, in a table that names rows and columns. */
  bare?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number | undefined] }>()
const text = ref(props.modelValue === undefined ? '' : String(props.modelValue))
const problem = ref('')
let own = props.modelValue
watch(
  () => props.modelValue,
  (value) => {
    if (value === own) return
    text.value = value === undefined ? '' : String(value)
    problem.value = ''
    own = value
  },
)

const isAccepted = (value: number) =>
  Number.isFinite(value) && value >= props.least && value <= props.most && (!props.whole || Number.isInteger(value))

function read(typed: string): void {
  text.value = typed
  const isEmpty = typed.trim() === ''
  const value = Number(typed.trim().replace(',', '.'))
  const ok = isEmpty ? props.optional === true : isAccepted(value)
  problem.value = ok
    ? ''
    : `${props.label}: write ${props.whole ? 'a whole number' : 'a number'} from ${props.least} to ${props.most}${props.optional ? ', or nothing' : ''}`
  if (!ok) return
  own = isEmpty ? undefined : value
  emit('update:modelValue', own)
}
</script>

<template>
  <TextField
    :label="label"
    :bare="bare"
    :model-value="text"
    :unit="unit"
    :problem="problem"
    inputmode="decimal"
    @update:model-value="read"
  />
</template>
