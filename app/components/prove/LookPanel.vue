<script setup lang="ts">
import { useNow } from '@vueuse/core'
import type { TestLook } from '~~/core/log/site-state'
import { secondsAt } from '~~/core/log/time-key'
import { formatClock } from '~~/core/quantity/words/format-duration'

/** A test by looking alone: every joint dry, and dry again when the time between has gone by. */
const props = defineProps<{
  looks: readonly TestLook[]
  joints: readonly string[]
  /** Seconds between the two walks round. */
  pause: number
  disabled: boolean
}>()
const emit = defineEmits<{ look: [look: { dry: string[]; wet: string[] }] }>()
const { joints: planned, placeOf } = useJointCards()
const now = useNow({ interval: 1000 })
const when = useWhen()
const first = computed(() => props.looks[0])
const left = computed(() =>
  first.value ? Math.max(0, Math.ceil(secondsAt(first.value.at) + props.pause - now.value.getTime() / 1000)) : 0,
)
/** Joints that were found wet on this walk; all others are said to be dry. */
const wet = ref<ReadonlySet<string>>(new Set())
const list = computed(() => planned.value.filter(({ id }) => props.joints.includes(id)))
function turn(id: string): void {
  const next = new Set(wet.value)
  if (!next.delete(id)) next.add(id)
  wet.value = next
}
function look(): void {
  emit('look', { dry: props.joints.filter((id) => !wet.value.has(id)), wet: [...wet.value] })
  wet.value = new Set()
}
const label = computed(() =>
  wet.value.size > 0
    ? `${wet.value.size} not dry, ${props.joints.length - wet.value.size} dry`
    : `All ${props.joints.length} joints dry`,
)
</script>

<template>
  <section class="space-y-3" aria-label="Look at every joint">
    <ol class="ruled">
      <li v-for="(item, index) in looks" :key="item.at" class="py-1">
        Look {{ index + 1 }}, {{ when(item.at) }}, {{ item.by }}: {{ item.dry.length }} dry<template
          v-if="item.wet.length"
          >, <strong class="text-(--ui-error)">{{ item.wet.length }} not</strong></template
        >
      </li>
    </ol>
    <p v-if="first && left > 0" class="text-lg" role="status">
      Search again in <span class="font-label text-2xl font-semibold">{{ formatClock(left) }}</span>
    </p>
    <p v-else-if="!first">Go round and touch every joint; use a tissue where you cannot see.</p>
    <div class="flex flex-wrap gap-2">
      <PushButton
        color="primary"
        variant="solid"
        class="min-h-14 text-lg"
        :disabled="disabled || joints.length === 0"
        :label="label"
        @click="look"
      />
      <WhyNot :wants="disabled ? 'Type your name first.' : joints.length === 0 ? 'No joint is made yet.' : ''" />
    </div>
    <details>
      <summary class="label min-h-11 cursor-pointer pt-2 text-base">One is wet</summary>
      <ul class="ruled">
        <li v-for="joint in list" :key="joint.id">
          <CheckBox
            :label="`Joint ${joint.number}, ${placeOf(joint)}: wet`"
            :model-value="wet.has(joint.id)"
            @update:model-value="turn(joint.id)"
          />
        </li>
      </ul>
    </details>
  </section>
</template>
