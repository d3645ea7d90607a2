<script setup lang="ts">
import { siteId } from '~~/core/job/site-id'
import { systemsOf } from '~~/core/job/system'
import { heldLegs } from '~~/core/log/held-legs'
import { underTest, type Scope } from '~~/core/prove/scope'
import { systemName } from '~~/core/run/names'
import { useLogStore } from '~/stores/log'

/** What is under test, in the drawing; outlined what has held a test since it was last made. A leg can be pressed. */
const props = defineProps<{
  scope: Scope
  /** No more than what is under test. */
  testedOnly?: boolean
}>()
const emit = defineEmits<{ leg: [id: string] }>()
const { built: job, plan } = useOpenJob()
const log = useLogStore()
const { marks, jointsOf, legend } = useJointMarks()
const chosen = computed(() => {
  const of = underTest(job.value, props.scope)
  return new Set(job.value.legs.flatMap((leg) => (of.leg(leg) && leg.state !== 'comes out' ? [leg.id] : [])))
})
const systems = computed(() =>
  systemsOf(job.value).filter(({ legs }) =>
    props.testedOnly ? legs.some(({ id }) => chosen.value.has(id)) : legs.length > 0,
  ),
)
const held = computed(() => (log.proofs ? heldLegs(plan.value, log.proofs) : new Set<string>()))
const noPieces = new Map<string, string>()
function press(id: string): void {
  const leg = job.value.legs.find((one) => one.id === id)
  if (leg) emit('leg', siteId(leg))
}
</script>

<template>
  <div class="space-y-2">
    <div class="grid gap-2" :class="systems.length > 1 ? 'lg:grid-cols-2' : ''">
      <figure v-for="system in systems" :key="system.id">
        <figcaption v-if="systems.length > 1" class="label">{{ systemName(job, system) }}</figcaption>
        <div class="h-56 border border-(--ui-border) sm:h-64">
          <IsoDrawing
            :system="system"
            view="isometric"
            :to-scale="false"
            leg=""
            :chosen="chosen"
            node=""
            :piece-of="noPieces"
            :joints-of="jointsOf"
            :marks="marks"
            :outlined="held"
            legs-only
            @leg="press"
          />
        </div>
      </figure>
    </div>
    <p v-if="systems.length === 0">What was tested is planned no more.</p>
    <p v-else class="text-sm">
      Filled: under test.<template v-if="held.size"> Outlined: has held a test since it was made.</template>
    </p>
    <JointLegend :marks="legend" class="text-sm" />
  </div>
</template>
