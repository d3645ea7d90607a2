<script setup lang="ts">
import { useLocalStorage, useNow } from '@vueuse/core'
import type { PlanJoint } from '~~/core/build/planned'
import { asksWhenMade } from '~~/core/log/asks-when-made'
import { isOverdue, nextCheck } from '~~/core/workshop/checked-tool'
import { useLogStore } from '~/stores/log'
import { useWorkshopStore } from '~/stores/workshop'

/** A joint is made: who, with which tool, and what its method asks for; who and tool are remembered. */
const props = defineProps<{ joint: PlanJoint }>()
const emit = defineEmits<{ made: [] }>()
const log = useLogStore()
const workshop = useWorkshopStore()
const { pipeOf, whereOf } = useJointCards()
const { say } = useWords()
const now = useNow({ interval: 60_000 })
const isNamed = computed(() => log.who.trim() !== '')
const asks = computed(() => asksWhenMade(props.joint.method, pipeOf(props.joint)))

const gauge = ref<'goes' | 'does not go' | ''>('')
const markSeen = ref(true)
const ringTurned = ref(false)
const insert = ref(false)
const uses = ref<number | undefined>()
const turns = ref<number | undefined>()
const gauges = [
  { value: '', label: 'not gauged' },
  { value: 'goes', label: 'gauge goes on' },
  { value: 'does not go', label: 'gauge does not go' },
] as { value: 'goes' | 'does not go' | ''; label: string }[]

/** The workshop's tools for this method; the last one chosen for it is remembered. */
const tools = computed(() =>
  Object.values(workshop.workshop.checkedTools).filter(({ methods }) => methods.includes(props.joint.method)),
)
const toolItems = computed(() => [
  { value: '', label: 'not said' },
  ...tools.value.map(({ name }) => ({ value: name, label: name })),
])
const lastTools = useLocalStorage<Record<string, string>>('jolvet-last-tools', {})
const tool = computed({
  get: () => lastTools.value[props.joint.method] ?? '',
  set: (name) => (lastTools.value = { ...lastTools.value, [props.joint.method]: name }),
})
const inHand = computed(() => tools.value.find(({ name }) => name === tool.value))
const lateSince = computed(() => {
  const due = inHand.value ? nextCheck(inHand.value) : ''
  return due !== '' && isOverdue(due, now.value.toISOString()) ? due : ''
})

function make(): void {
  const { method, insertion, pipe } = props.joint
  const body = {
    method,
    insertion,
    pipe,
    markSeen: markSeen.value,
    ...(inHand.value ? { tool: inHand.value.name, toolDue: nextCheck(inHand.value) } : {}),
    ...(asks.value.gauge && gauge.value ? { gauge: gauge.value } : {}),
    ...(asks.value.ring ? { ringTurned: ringTurned.value } : {}),
    ...(asks.value.insert ? { insert: insert.value } : {}),
    ...(asks.value.uses && uses.value !== undefined ? { uses: uses.value } : {}),
    ...(asks.value.turns && turns.value !== undefined ? { turns: turns.value } : {}),
  }
  log.write({ kind: 'joint-made', subject: { joint: props.joint.id }, body }, `joint made, ${whereOf(props.joint)}`)
  emit('made')
}
defineExpose({ make })
</script>

<template>
  <div class="space-y-3">
    <div class="flex flex-wrap items-end gap-3">
      <WhoField class="w-40" />
      <Choice v-if="tools.length" v-model="tool" label="Tool" class="w-44" :items="toolItems" />
      <Choice
        v-if="asks.gauge"
        label="Gauge"
        class="w-44"
        :items="gauges"
        :model-value="gauge"
        @update:model-value="(v) => (gauge = v)"
      />
      <NumberField v-if="asks.turns" v-model="turns" label="Turns given" class="w-28" optional :least="0" :most="20" />
      <NumberField
        v-if="asks.uses"
        v-model="uses"
        label="Its use, counted"
        class="w-32"
        optional
        whole
        :least="1"
        :most="50"
      />
      <UCheckbox v-model="markSeen" label="mark seen at the mouth" />
      <UCheckbox v-if="asks.ring" v-model="ringTurned" label="ring turned" />
      <UCheckbox v-if="asks.insert" v-model="insert" :label="`${say.trade(asks.insert)} is in`" />
      <UButton color="primary" variant="solid" class="min-h-12 text-lg" :disabled="!isNamed" @click="make">
        <UIcon name="i-lucide-check" class="size-5" />Made
      </UButton>
    </div>
    <p v-if="lateSince" role="alert" class="text-(--ui-warning)">
      The check of {{ tool }} was due on {{ lateSince }}: have it checked before it makes another joint.
    </p>
    <p v-if="!isNamed" class="text-sm text-muted">Say once who works here: it is written beside what was done.</p>
  </div>
</template>
