<script setup lang="ts">
import type { Observation } from '~~/core/job/observation'
import { acceptedLengths, parseLength } from '~~/core/quantity/parse-length'

/** Measures and the print line: typed, then taken with Enter. */
defineProps<{ suggested: string | undefined }>()
const emit = defineEmits<{ observe: [seen: Observation] }>()
const { units, diameter, tolerance } = useWords()

type Measure = 'caliper' | 'string' | 'tape' | 'wall'
/** What each is good to, in mm: a caliper to its tenth, a tape to its millimetre. */
const measures = computed<readonly { id: Measure; label: string; most: number; hint: string }[]>(() => [
  { id: 'caliper', label: 'By caliper', most: 200, hint: `± ${diameter(0.1)}` },
  { id: 'string', label: 'String round it', most: 700, hint: `± ${tolerance(1)}` },
  { id: 'tape', label: 'By tape across', most: 200, hint: `± ${tolerance(1)}, rough` },
  { id: 'wall', label: 'Wall, cut end', most: 20, hint: `± ${diameter(0.1)}` },
])
const typed = reactive<Record<Measure, string>>({ caliper: '', string: '', tape: '', wall: '' })
const problems = reactive<Partial<Record<Measure, string>>>({})
const painted = ref(false)
const oval = ref(false)
const print = ref('')

function observation(id: Measure, mm: number): Observation {
  if (id === 'string') return { kind: 'circumference', mm }
  if (id === 'wall') return { kind: 'wall', mm }
  return {
    kind: 'diameter',
    mm,
    instrument: id,
    ...(painted.value ? { painted: true } : {}),
    ...(oval.value ? { oval: true } : {}),
  }
}
function take(id: Measure): void {
  const { label, most } = measures.value.find((measure) => measure.id === id)!
  const parsed = parseLength(typed[id], units.value, { min: 0.1, max: most })
  problems[id] = parsed.ok ? undefined : `${label}: ${parsed.problem}; write ${acceptedLengths[units.value]}`
  if (!parsed.ok) return
  typed[id] = ''
  emit('observe', observation(id, parsed.mm))
}
function takePrint(): void {
  if (print.value.trim() === '') return
  emit('observe', { kind: 'print', text: print.value.trim().slice(0, 300) })
  print.value = ''
}
const kindOf: Record<Measure, string> = { caliper: 'diameter', string: 'circumference', tape: '', wall: 'wall' }
</script>

<template>
  <div class="grid grid-cols-2 gap-x-3 gap-y-2 sm:gap-x-4">
    <TextField
      v-for="{ id, label, hint } in measures"
      :key="id"
      v-model="typed[id]"
      :label="label"
      :hint="kindOf[id] === suggested ? 'next check' : hint"
      :problem="problems[id]"
      inputmode="decimal"
      @keydown.enter.prevent="take(id)"
    >
      <PushButton label="Add" :aria-label="`Add ${label}`" @click="take(id)" />
    </TextField>
    <TextField
      v-model="print"
      class="col-span-2"
      label="Words printed on it"
      :hint="suggested === 'print' ? 'next check' : 'as far as you can read'"
      placeholder="22 x 0.9 EN 1057 R250"
      @keydown.enter.prevent="takePrint"
    >
      <PushButton label="Add" aria-label="Add the print line" @click="takePrint" />
    </TextField>
    <div class="col-span-2 flex flex-wrap gap-1.5" role="group" aria-label="Where I measure it is">
      <PushButton :aria-pressed="painted" :active="painted" label="Painted there" @click="painted = !painted" />
      <PushButton :aria-pressed="oval" :active="oval" label="Oval" @click="oval = !oval" />
    </div>
  </div>
</template>
