<script setup lang="ts">
import { acceptedLengths, parseLength, type LengthLimits } from '~~/core/quantity/parse-length'
import { typedLength } from '~~/core/quantity/typed-length'

const props = defineProps<{
  label: string
  modelValue: number | undefined
  limits?: LengthLimits
  optional?: boolean
  /** Whose figure it is: another one's figure replaces what is typed here. */
  of?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [mm: number | undefined] }>()
const { units } = useWords()

const shown = () => (props.modelValue === undefined ? '' : typedLength(props.modelValue, units.value))
const text = ref(shown())
const problem = ref('')
let own: number | undefined = props.modelValue

// A value that did not come from this field (undo, another tab) replaces its text, and other units write it anew;
// one's own typing is left as typed.
watch([() => props.modelValue, () => props.of, units], ([value, ...now], [, ...before]) => {
  const isAnother = now.some((what, at) => what !== before[at])
  if (value !== own || isAnother) text.value = shown()
  if (isAnother) problem.value = ''
  own = value
})

const pad = useLengthPad()
/** What was refused is typed anew, not on: it is selected. */
function selectRefused(event: Event): void {
  if (problem.value && event.target instanceof HTMLInputElement) event.target.select()
}
function take(event: Event): void {
  pad.open(event)
  selectRefused(event)
}

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
    :inputmode="pad.isByThumb.value ? 'none' : 'decimal'"
    @update:model-value="read"
    @focusin="take"
    @focusout="pad.close"
    @keydown.enter="selectRefused"
  />
</template>
