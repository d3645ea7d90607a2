<script setup lang="ts">
import type { PlanJoint } from '~~/core/pipework/planned'
import { evidenceAsked, evidenceTexts, unanswered, type Evidence } from '~~/core/log/evidence'
import type { JointState } from '~~/core/log/joint-states'
import type { PlanChange } from '~~/core/log/plan-changes'
import { toolLine } from '~~/core/record/lines'
import { isOverdue } from '~~/core/workshop/checked-tool'
import { methods } from '~~/core/methods'
import type { MethodId } from '~~/core/methods/ids'
import { useCatalogueStore } from '~/stores/catalogue'
import { useLogStore } from '~/stores/log'

/** What happened at a joint: one press says that it is made, a second that it was inspected; undoing is an entry too. */
const props = defineProps<{ joint: PlanJoint; state: JointState | undefined; resting: boolean }>()
/** Which was made: by then the page may have gone on to another. */
const emit = defineEmits<{ made: [joint: PlanJoint] }>()
const log = useLogStore()
const { length, say } = useWords()
const own = useCatalogueStore()
const { whereOf, pipeOf } = useJointCards()
const form = useTemplateRef<{ make: () => void }>('form')

const made = computed(() => props.state?.made ?? null)
const inspected = computed(() => props.state?.inspected ?? null)
const isNamed = computed(() => log.who.trim() !== '')
/** Asked for as long as the card is open: a field does not go away under the hand. */
const wasNamed = isNamed.value
const says = (what: string) => `${what}, ${whereOf(props.joint)}`
const subject = computed(() => ({ joint: props.joint.id }))
/** Each answers the making that is shown, whatever the clocks say. */
const answers = <Body extends object>(body: Body) => ({ of: made.value?.entry, ...body })
const inspect = (sound: boolean) =>
  log.write({ kind: 'joint-inspected', subject: subject.value, body: answers({ sound }) }, says('joint inspected'))
defineExpose({ make: () => form.value?.make(), inspect })
const isPhone = usePhone()
const undo = () =>
  log.write({ kind: 'joint-undone', subject: subject.value, body: answers({}) }, says('joint marked as not made'))
const when = useWhen()
/** What was seen of it, in words; what was asked and not answered can be added. */
const seen = computed(() => {
  const body = made.value?.body ?? {}
  return [...evidenceTexts(body), ...(body.tool ? [body.tool] : [])]
})
const isBroken = computed(() => inspected.value?.sound === false || made.value?.body.gauge === 'does not go')
const open = computed(() =>
  made.value ? unanswered(evidenceAsked(props.joint, pipeOf(props.joint)), made.value.body) : [],
)
const later = ref<Evidence>({})
const isAnswered = computed(() => Object.values(later.value).some((answer) => answer !== undefined))
function add(): void {
  log.write(
    { kind: 'joint-evidence', subject: subject.value, body: answers({ ...later.value }) },
    says('added to a joint'),
  )
  later.value = {}
}
function figure(what: PlanChange['what'], value: string | number | null): string {
  if (value === null) return 'unknown'
  if (typeof value === 'number') return length(value)
  if (what === 'method') return methods[value as MethodId].name
  return say.value.trade(what === 'pipe' ? (own.catalogue.pipe(value)?.label ?? value) : value)
}
const words = { insertion: 'goes in', method: 'method', pipe: 'pipe', fitting: 'fitting', cut: 'piece cut' } as const
</script>

<template>
  <section class="space-y-3 border-y border-(--ui-border) py-3" aria-label="What happened here">
    <JointMadeForm v-if="!made" ref="form" :joint="joint" :resting="resting" @made="emit('made', joint)" />
    <div v-else class="flex flex-wrap items-center gap-3">
      <p class="flex-1 basis-60">
        <strong class="text-(--ui-success)">Made</strong> by {{ [`${made.by}, ${when(made.at)}`, ...seen].join('; ') }}.
        <template v-if="inspected">
          <strong :class="inspected.sound ? 'text-(--ui-success)' : 'text-(--ui-error)'">{{
            inspected.sound ? 'Inspected: OK' : 'Inspected: not OK'
          }}</strong>
          by {{ inspected.by }}, {{ when(inspected.at) }}.
        </template>
      </p>
      <template v-if="!inspected && !isPhone">
        <PushButton color="primary" variant="solid" :disabled="!isNamed" @click="inspect(true)"
          >Inspected: OK</PushButton
        >
        <PushButton :disabled="!isNamed" @click="inspect(false)">Not OK</PushButton>
      </template>
      <WhoField v-if="!wasNamed" class="w-40" />
      <PhotoButton :joint="joint.id" label="Photo" :disabled="!isNamed" />
      <PushButton :disabled="!isNamed" @click="undo">Mark as not made</PushButton>
      <WhyNot :wants="isNamed ? '' : 'Type your name first.'" />
    </div>
    <LazyRescuePanel v-if="isBroken" :joint="joint" />
    <form v-if="open.length" class="flex flex-wrap items-end gap-3" aria-label="Not answered yet" @submit.prevent="add">
      <EvidenceAsked v-model="later" :joint="joint" :asked="open" />
      <PushButton type="submit" :disabled="!isNamed || !isAnswered" label="Add" />
      <WhyNot :wants="isAnswered ? '' : 'Answer one of them first.'" />
    </form>
    <p v-if="made && isOverdue(made.body.toolDue, made.at)" class="text-(--ui-warning)">
      Made with {{ toolLine(made) }}.
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
