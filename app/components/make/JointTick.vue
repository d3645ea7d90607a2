<script setup lang="ts">
import { useLocalStorage, useNow } from '@vueuse/core'
import type { PlanJoint } from '~~/core/build/planned'
import type { JointState, PlanChange } from '~~/core/log/site-state'
import { isOverdue, nextCheck } from '~~/core/workshop/checked-tool'
import { useLogStore } from '~/stores/log'
import { useWorkshopStore } from '~/stores/workshop'

/** What happened at a joint: one press says that it is made, a second that it was looked at; undoing is an entry too. */
const props = defineProps<{ joint: PlanJoint; state: JointState | undefined }>()
const emit = defineEmits<{ made: [] }>()
const log = useLogStore()
const { length } = useWords()
const { whereOf } = useJointCards()

const made = computed(() => props.state?.made ?? null)
const inspected = computed(() => props.state?.inspected ?? null)
const isNamed = computed(() => log.who.trim() !== '')
const says = (what: string) => `${what}, ${whereOf(props.joint)}`
const subject = computed(() => ({ joint: props.joint.id }))

/** What a method is to be ticked for, beside its being made. */
const asksGauge = computed(() => ['crimp', 'clamp'].includes(props.joint.method))
/** The workshop's tools for this method; the last one chosen for it is remembered. */
const workshop = useWorkshopStore()
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
const now = useNow({ interval: 60_000 })
const asksRing = computed(() => props.joint.method === 'push-fit')
const gauge = ref<'goes' | 'does not go' | ''>('')
const markSeen = ref(true)
const ringTurned = ref(false)
const gauges = [
  { value: '', label: 'not gauged' },
  { value: 'goes', label: 'gauge goes on' },
  { value: 'does not go', label: 'gauge does not go' },
] as { value: 'goes' | 'does not go' | ''; label: string }[]

function make(): void {
  const { method, insertion, pipe } = props.joint
  const body = {
    method,
    insertion,
    pipe,
    markSeen: markSeen.value,
    ...(inHand.value ? { tool: inHand.value.name, toolDue: nextCheck(inHand.value) } : {}),
    ...(asksGauge.value && gauge.value ? { gauge: gauge.value } : {}),
    ...(asksRing.value ? { ringTurned: ringTurned.value } : {}),
  }
  log.write({ kind: 'joint-made', subject: subject.value, body }, says('joint made'))
  emit('made')
}
defineExpose({ make })
const inspect = (sound: boolean) =>
  log.write({ kind: 'joint-inspected', subject: subject.value, body: { sound } }, says('joint looked at'))
const undo = () => log.write({ kind: 'joint-undone', subject: subject.value, body: {} }, says('joint undone'))
const when = (at: string) => new Date(at).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' })
const figure = (what: PlanChange['what'], value: string | number | null) =>
  what === 'insertion' && typeof value === 'number' ? length(value) : String(value ?? 'unknown')
const words = { insertion: 'goes in', method: 'method', pipe: 'pipe' } as const
</script>

<template>
  <section class="space-y-3 border-y border-(--ui-border) py-3" aria-label="What happened here">
    <div v-if="!made" class="flex flex-wrap items-end gap-3">
      <WhoField class="w-40" />
      <Choice v-if="tools.length" v-model="tool" label="Tool" class="w-44" :items="toolItems" />
      <Choice
        v-if="asksGauge"
        label="Gauge"
        class="w-44"
        :items="gauges"
        :model-value="gauge"
        @update:model-value="(v) => (gauge = v)"
      />
      <UCheckbox v-model="markSeen" label="mark seen at the mouth" />
      <UCheckbox v-if="asksRing" v-model="ringTurned" label="ring turned" />
      <UButton color="primary" variant="solid" class="min-h-12 text-lg" :disabled="!isNamed" @click="make">
        <UIcon name="i-lucide-check" class="size-5" />Made
      </UButton>
    </div>
    <div v-else class="flex flex-wrap items-center gap-3">
      <p class="flex-1 basis-60">
        <strong class="text-(--ui-success)">Made</strong> by {{ made.by }}, {{ when(made.at)
        }}<template v-if="made.body.markSeen">; mark seen</template
        ><template v-if="made.body.gauge">; gauge {{ made.body.gauge }}</template
        ><template v-if="made.body.ringTurned">; ring turned</template>.
        <template v-if="inspected">
          <strong :class="inspected.sound ? 'text-(--ui-success)' : 'text-(--ui-error)'">{{
            inspected.sound ? 'Looked at, sound' : 'Looked at, not sound'
          }}</strong>
          by {{ inspected.by }}, {{ when(inspected.at) }}.
        </template>
      </p>
      <template v-if="!inspected">
        <UButton color="primary" variant="solid" :disabled="!isNamed" @click="inspect(true)">Looked at: sound</UButton>
        <UButton :disabled="!isNamed" @click="inspect(false)">Not sound</UButton>
      </template>
      <PhotoButton :joint="joint.id" label="Photo" :disabled="!isNamed" />
      <UButton :disabled="!isNamed" @click="undo">Undo: not made</UButton>
    </div>
    <p v-if="!made && lateSince" role="alert" class="text-(--ui-warning)">
      The check of {{ tool }} was due on {{ lateSince }}: have it checked before it makes another joint.
    </p>
    <p v-if="made && isOverdue(made.body.toolDue, made.at)" class="text-(--ui-warning)">
      Made with {{ made.body.tool }}, whose check was due on {{ made.body.toolDue }}.
    </p>
    <div v-if="state?.photos.length" class="flex flex-wrap gap-2">
      <a v-for="sha in state.photos" :key="sha" :href="log.photoUrl(sha)" target="_blank">
        <img :src="log.photoUrl(sha)" alt="Photo of this joint" class="h-24" loading="lazy" />
      </a>
    </div>
    <p v-if="!isNamed && !made" class="text-sm text-muted">
      Say once who works here: it is written beside what was done.
    </p>
    <p v-for="change in state?.changed ?? []" :key="change.what" role="alert" class="text-(--ui-warning)">
      {{ words[change.what] }}: made at {{ figure(change.what, change.made) }}, now planned
      {{ figure(change.what, change.planned) }}.
    </p>
  </section>
</template>
