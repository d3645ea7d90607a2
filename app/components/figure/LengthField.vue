<script setup lang="ts">
import { acceptedLengths, parseLength, type LengthLimits } from '~~/core/quantity/parse-length'

const props = defineProps<{
  label: string
  modelValue: number | undefined
  limits?: LengthLimits
  optional?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [mm: number | undefined] }>()
const { units, figure } = useLengthText()

const shown = () => (props.modelValue === undefined ? '' : figure(props.modelValue))
const text = ref(shown())
const problem = ref('')
let own: number | undefined = props.modelValue

// A value that did not come from this field (undo, another tab) replaces its text; one's own typing is left as typed.
watch(
  () => [props.modelValue, units.value] as const,
  ([value]) => {
    if (value !== own) text.value = shown()
    own = value
  },
)

function read(typed: string | number): void {
  const line = String(typed)
  text.value = line
  problem.value = ''
  if (line.trim() === '' && props.optional) {
    own = undefined
    emit('update:modelValue', undefined)
    return
  }
  const parsed = parseLength(line, units.value, props.limits)
  if (!parsed.ok) {
    problem.value = `${props.label}: ${parsed.problem}; write ${acceptedLengths}`
    return
  }
  own = parsed.mm
  emit('update:modelValue', parsed.mm)
}
</script>

<template>
  <UFormField :label="label" :error="problem || undefined">
    <UInput :model-value="text" inputmode="decimal" class="w-full" :aria-label="label" @update:model-value="read">
      <template #trailing>
        <span class="label text-sm">{{ units === 'metric' ? 'mm' : 'in' }}</span>
      </template>
    </UInput>
  </UFormField>
</template>
