<script setup lang="ts">
import type { PlanJoint } from '~~/core/build/planned'
import type { JointState, PlanChange } from '~~/core/log/site-state'
import { isOverdue } from '~~/core/workshop/checked-tool'
import { useLogStore } from '~/stores/log'

/** What happened at a joint: one press says that it is made, a second that it was looked at; undoing is an entry too. */
const props = defineProps<{ joint: PlanJoint; state: JointState | undefined }>()
const emit = defineEmits<{ made: [] }>()
const log = useLogStore()
const { length } = useWords()
const { whereOf } = useJointCards()
const form = useTemplateRef<{ make: () => void }>('form')
defineExpose({ make: () => form.value?.make() })

const made = computed(() => props.state?.made ?? null)
const inspected = computed(() => props.state?.inspected ?? null)
const isNamed = computed(() => log.who.trim() !== '')
const says = (what: string) => `${what}, ${whereOf(props.joint)}`
const subject = computed(() => ({ joint: props.joint.id }))
const inspect = (sound: boolean) =>
  log.write({ kind: 'joint-inspected', subject: subject.value, body: { sound } }, says('joint looked at'))
const undo = () => log.write({ kind: 'joint-undone', subject: subject.value, body: {} }, says('joint undone'))
const when = useWhen()
/** What was ticked with it, in words. */
const seen = computed(() => {
  const { markSeen, gauge, ringTurned, insert, uses, turns, tool } = made.value?.body ?? {}
  return [
    markSeen ? 'mark seen' : '',
    gauge ? `gauge ${String(gauge)}` : '',
    ringTurned ? 'ring turned' : '',
    insert ? 'insert in' : '',
    typeof uses === 'number' ? `use ${uses}` : '',
    typeof turns === 'number' ? `${turns} turns` : '',
    tool ? String(tool) : '',
  ].filter(Boolean)
})
const figure = (what: PlanChange['what'], value: string | number | null) =>
  what === 'insertion' && typeof value === 'number' ? length(value) : String(value ?? 'unknown')
const words = { insertion: 'goes in', method: 'method', pipe: 'pipe' } as const
</script>

<template>
  <section class="space-y-3 border-y border-(--ui-border) py-3" aria-label="What happened here">
    <JointMadeForm v-if="!made" ref="form" :joint="joint" @made="emit('made')" />
    <div v-else class="flex flex-wrap items-center gap-3">
      <p class="flex-1 basis-60">
        <strong class="text-(--ui-success)">Made</strong> by {{ [`${made.by}, ${when(made.at)}`, ...seen].join('; ') }}.
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
    <p v-if="made && isOverdue(made.body.toolDue, made.at)" class="text-(--ui-warning)">
      Made with {{ made.body.tool }}, whose check was due on {{ made.body.toolDue }}.
    </p>
    <div v-if="state?.photos.length" class="flex flex-wrap gap-2">
      <a v-for="sha in state.photos" :key="sha" :href="log.photoUrl(sha)" target="_blank">
        <img :src="log.photoUrl(sha)" alt="Photo of this joint" class="h-24" loading="lazy" />
      </a>
    </div>
    <p v-for="change in state?.changed ?? []" :key="change.what" role="alert" class="text-(--ui-warning)">
      {{ words[change.what] }}: made at {{ figure(change.what, change.made) }}, now planned
      {{ figure(change.what, change.planned) }}.
    </p>
  </section>
</template>
