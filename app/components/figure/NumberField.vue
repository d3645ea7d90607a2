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
const id = useId()
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
  <div>
    <label v-if="!bare" :for="id" class="field-label">{{ label }}</label>
    <div class="relative">
      <input
        :id="id"
        :value="text"
        inputmode="decimal"
        class="field"
        :class="unit ? 'pr-14' : ''"
        :aria-label="label"
        :aria-invalid="problem !== ''"
        @input="read(($event.target as HTMLInputElement).value)"
      />
      <span v-if="unit" class="label pointer-events-none absolute top-2.5 right-3 text-sm">{{ unit }}</span>
    </div>
    <p v-if="problem" role="alert" class="text-sm text-(--ui-error)">{{ problem }}</p>
  </div>
</template>
