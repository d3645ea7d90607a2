<script setup lang="ts">
import { methods } from '~~/core/methods'
import { useLocalStorage, useNow } from '@vueuse/core'
import type { PlanJoint } from '~~/core/pipework/planned'
import { evidenceAsked, type Evidence } from '~~/core/log/evidence'
import { plannedFigures } from '~~/core/log/plan-changes'
import { isOverdue, nextCheck } from '~~/core/workshop/checked-tool'
import { useLogStore } from '~/stores/log'
import { useWorkshopStore } from '~/stores/workshop'

/** A joint is made: who, with which tool, and what its method asks for; who and tool are remembered. */
const props = defineProps<{
  joint: PlanJoint
  /** Just after another was made: a second tap of the same press makes nothing. */
  resting: boolean
}>()
const emit = defineEmits<{ made: [] }>()
const log = useLogStore()
const { plan } = useOpenJob()
const isPhone = usePhone()
const workshop = useWorkshopStore()
const { pipeOf, whereOf } = useJointCards()
const now = useNow({ interval: 60_000 })
const isNamed = computed(() => log.who.trim() !== '')
const asked = computed(() => evidenceAsked(props.joint, pipeOf(props.joint)))
const given = ref<Evidence>({})
const uses = ref<number | undefined>()

/** The workshop's tools for this method; the last one chosen for it is remembered. */
const tools = computed(() =>
  Object.values(workshop.workshop.checkedTools).filter(({ methods }) => methods.includes(props.joint.method)),
)
const toolItems = computed(() => [
  { value: '', label: 'not set' },
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
  if (props.resting || !isNamed.value) return
  const body = {
    ...plannedFigures(plan.value)(props.joint.id)?.figures,
    ...given.value,
    ...(inHand.value ? { tool: inHand.value.name, toolDue: nextCheck(inHand.value) } : {}),
    ...(uses.value === undefined ? {} : { uses: uses.value }),
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
      <EvidenceAsked v-model="given" :joint="joint" :asked="asked" />
      <NumberField
        v-if="methods[joint.method].countsUses"
        v-model="uses"
        label="Its use, counted"
        class="w-32"
        optional
        whole
        :least="1"
        :most="50"
      />
      <PushButton
        v-if="!isPhone"
        color="primary"
        variant="solid"
        class="min-h-12 text-lg"
        :disabled="!isNamed || resting"
        @click="make"
      >
        <UIcon name="i-lucide-check" class="size-5" />Made
      </PushButton>
    </div>
    <p v-if="lateSince" role="alert" class="text-(--ui-warning)">
      The check of {{ tool }} was due on {{ lateSince }}: have it checked before the next joint.
    </p>
    <p v-if="!isNamed && !isPhone" class="text-sm text-muted">Enter your name once; it goes on everything you mark.</p>
  </div>
</template>
