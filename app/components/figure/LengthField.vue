<script setup lang="ts">
import { acceptedLengths, parseLength, type LengthLimits } from '~~/core/quantity/parse-length'

const props = defineProps<{
  label: string
  modelValue: number | undefined
  limits?: LengthLimits
  optional?: boolean
  /** Whose figure it is: another one's figure replaces what is typed here. */
  of?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [mm: number | undefined] }>()
const { units, figure } = useWords()

const shown = () => (props.modelValue === undefined ? '' : figure(props.modelValue))
const text = ref(shown())
const problem = ref('')
let own: number | undefined = props.modelValue

// A value that did not come from this field (undo, another tab) replaces its text; one's own typing is left as typed.
watch([() => props.modelValue, units, () => props.of], ([value, , now], [, , before]) => {
  if (value !== own || now !== before) text.value = shown()
  if (now !== before) problem.value = ''
  own = value
})

function read(line: string): void {
  text.value = line
  problem.value = ''
  if (line.trim() === '' && props.optional) {
    own = undefined
    emit('update:modelValue', undefined)
    return
  }
  const parsed = parseLength(line, units.value, props.limits)
  if (!parsed.ok) {
    problem.value = `${props.label}: ${parsed.problem}; write ${acceptedLengths[units.value]}`
    return
  }
  own = parsed.mm
  emit('update:modelValue', parsed.mm)
}
</script>

<template>
  <TextField
    :label="label"
    :model-value="text"
    :unit="units === 'metric' ? 'mm' : 'in'"
    :problem="problem"
    inputmode="decimal"
    @update:model-value="read"
  />
</template>
