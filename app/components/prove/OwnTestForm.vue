<script setup lang="ts">
import type { OwnTest } from '~~/core/workshop/own-test-schema'

/** A test of one's own: its name, its steps, and by how much the gauge may fall from when to when. */
const props = defineProps<{ test: OwnTest }>()
const emit = defineEmits<{ change: [test: OwnTest]; remove: [] }>()
const deeds = [
  { value: 'raise', label: 'raise to' },
  { value: 'top up', label: 'top up at' },
  { value: 'lower', label: 'lower to' },
  { value: 'hold', label: 'hold at' },
] as const
type Step = OwnTest['steps'][number]
type Fall = OwnTest['falls'][number]
const with1 = <Item,>(items: readonly Item[], at: number, change: Partial<Item>): Item[] =>
  items.map((item, index) => (index === at ? { ...item, ...change } : item))
const setStep = (at: number, step: Partial<Step>) =>
  emit('change', { ...props.test, steps: with1(props.test.steps, at, step) })
const setFall = (at: number, fall: Partial<Fall>) =>
  emit('change', { ...props.test, falls: with1(props.test.falls, at, fall) })
const pressureOf = ({ share }: Step) => (share === undefined ? 'bar' : 'share')
function setPressure(at: number, kind: 'bar' | 'share'): void {
  const { does, seconds } = props.test.steps[at]!
  const step: Step = kind === 'bar' ? { does, seconds, bar: 6 } : { does, seconds, share: 1 }
  emit('change', { ...props.test, steps: props.test.steps.with(at, step) })
}
const addStep = () =>
  emit('change', { ...props.test, steps: [...props.test.steps, { does: 'hold', seconds: 600, share: 1 }] })
const addFall = () => emit('change', { ...props.test, falls: [...props.test.falls, { from: 0, to: 600, most: 0 }] })
const without = <Item,>(items: readonly Item[], at: number) => items.filter((_, index) => index !== at)
const pressures = [
  { value: 'share', label: 'times design' },
  { value: 'bar', label: 'fixed' },
] as const
</script>

<template>
  <section class="space-y-3 border-l-4 border-(--ui-border) pl-3" aria-label="A test of my own">
    <TextField
      label="Its name"
      class="w-64"
      :maxlength="60"
      :model-value="test.name"
      @change="(name) => name.trim() && emit('change', { ...test, name: name.trim() })"
    />
    <div v-for="(step, at) in test.steps" :key="`step-${at}`" class="flex flex-wrap items-end gap-2">
      <Choice
        class="w-32"
        :label="`Step ${at + 1}`"
        :items="deeds"
        :model-value="step.does"
        @update:model-value="(does) => setStep(at, { does })"
      />
      <Choice
        class="w-36"
        label="Pressure"
        :items="pressures"
        :model-value="pressureOf(step)"
        @update:model-value="(kind) => setPressure(at, kind)"
      />
      <NumberField
        v-if="step.share !== undefined"
        label="Times"
        class="w-24"
        :least="0.1"
        :most="3"
        :model-value="step.share"
        @update:model-value="(share) => share !== undefined && setStep(at, { share })"
      />
      <TestPressureField
        v-else
        label="At"
        class="w-28"
        :least="0.1"
        :most="100"
        :model-value="step.bar"
        @update:model-value="(bar) => bar !== undefined && setStep(at, { bar })"
      />
      <NumberField
        label="For"
        unit="min"
        class="w-28"
        :least="0"
        :most="1440"
        :model-value="step.seconds / 60"
        @update:model-value="(minutes) => minutes !== undefined && setStep(at, { seconds: Math.round(minutes * 60) })"
      />
      <PushButton
        v-if="test.steps.length > 1"
        variant="ghost"
        icon="i-lucide-x"
        :aria-label="`Without step ${at + 1}`"
        @click="emit('change', { ...test, steps: without(test.steps, at) })"
      />
    </div>
    <PushButton v-if="test.steps.length < 12" variant="ghost" icon="i-lucide-plus" label="Add step" @click="addStep" />
    <div v-for="(fall, at) in test.falls" :key="`fall-${at}`" class="flex flex-wrap items-end gap-2">
      <NumberField
        label="From minute"
        class="w-28"
        :least="0"
        :most="1440"
        :model-value="fall.from / 60"
        @update:model-value="(minutes) => minutes !== undefined && setFall(at, { from: Math.round(minutes * 60) })"
      />
      <NumberField
        label="To minute"
        class="w-28"
        :least="0"
        :most="1440"
        :model-value="fall.to / 60"
        @update:model-value="(minutes) => minutes !== undefined && setFall(at, { to: Math.round(minutes * 60) })"
      />
      <TestPressureField
        label="May fall by"
        class="w-28"
        :least="0"
        :most="10"
        :model-value="fall.most"
        @update:model-value="(most) => most !== undefined && setFall(at, { most })"
      />
      <PushButton
        variant="ghost"
        icon="i-lucide-x"
        :aria-label="`Without fall ${at + 1}`"
        @click="emit('change', { ...test, falls: without(test.falls, at) })"
      />
    </div>
    <div class="flex flex-wrap gap-2">
      <PushButton v-if="test.falls.length < 6" variant="ghost" icon="i-lucide-plus" label="Add fall" @click="addFall" />
      <RemoveButton :name="test.name" @remove="emit('remove')" />
    </div>
    <p class="text-sm text-muted">For all jobs of this workshop. A test already started keeps its steps.</p>
  </section>
</template>
