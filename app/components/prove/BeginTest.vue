<script setup lang="ts">
import type { BodyOf } from '~~/core/log/known-entry'
import { beforeRaising } from '~~/core/prove/before-raising'
import { toShutOff, type Isolated } from '~~/core/prove/isolation'
import { offeredTest } from '~~/core/prove/offered'
import { copyOf } from '~~/core/prove/own-profile'
import { stepPressure } from '~~/core/prove/profile'
import { testProfileOf, testProfiles, type TestProfileId, type WhichTest } from '~~/core/prove/profiles'
import type { OwnTest } from '~~/core/workshop/own-test-schema'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** A test is chosen, of those that ship or of one's own, and begun: from then on the clock runs. */
const emit = defineEmits<{ begin: [body: BodyOf<'test-begun'>] }>()
const props = defineProps<{ disabled: boolean }>()
const { built: job, plan } = useOpenJob()
const { say, tell } = useWords()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const owns = computed(() => Object.entries(workshop.workshop.tests))
const { parts, chosen: tested, scope, toggle, nameOf, shutOf } = usePartsUnderTest()
const offered = computed(() => offeredTest(job.value, scope.value))
/** What was picked of one's own accord; until then what is offered. */
const picked = ref<string>()
const chosen = computed({ get: () => picked.value ?? offered.value.profile, set: (id) => (picked.value = id) })
const toAsk = computed(() => toShutOff(job.value, scope.value))
const isolated = ref<readonly Isolated[]>([])
const gauge = ref<NonNullable<BodyOf<'test-begun'>['gauge']>>({})
const typed = ref<{ readonly design: number | undefined }>()
const design = computed({
  get: () => (typed.value ? typed.value.design : offered.value.design),
  set: (design) => (typed.value = { design }),
})
const items = computed(() => [
  ...testProfiles.map(({ meta }) => ({ value: meta.id, label: meta.name })),
  ...owns.value.map(([id, { name }]) => ({ value: `own/${id}`, label: name })),
])
const which = computed((): WhichTest => {
  const own = workshop.workshop.tests[chosen.value.replace('own/', '')]
  return own
    ? { profile: 'own', own }
    : { profile: (shipped(chosen.value) ? chosen.value : 'en806-a') as TestProfileId }
})
const shipped = (id: string) => testProfiles.some(({ meta }) => meta.id === id)
const meta = computed(() => testProfileOf(which.value).meta)
const medium = computed(() => meta.value.media[0]!)
/** A copy of the test that is shown, to be changed: it is the workshop's from then on. */
function copy(): void {
  const id = `test-${owns.value.length + 1}-${Date.now() % 100_000}`
  if (workshop.set(['tests', id], copyOf(testProfileOf(which.value)))) chosen.value = `own/${id}`
}
function removeOwn(): void {
  workshop.remove('tests', chosen.value.replace('own/', ''))
  chosen.value = testProfiles[0]!.meta.id
}
const change = (own: OwnTest) => workshop.set(['tests', chosen.value.replace('own/', '')], own)
const before = computed(() =>
  design.value === undefined
    ? { refusals: [], notes: [] }
    : beforeRaising(
        own.catalogue,
        { job: job.value, plan: plan.value, scope: scope.value, isolated: isolated.value },
        { meta: meta.value, design: design.value, medium: medium.value, above: gauge.value.above },
      ),
)
const wants = computed(() => {
  if (props.disabled) return 'Type your name first.'
  if (tested.value.length === 0) return 'Tick what is under test.'
  if (design.value === undefined) return 'Type the working pressure.'
  return before.value.refusals.length > 0 ? 'Not at this pressure: see below.' : ''
})
const isRead = computed(() => meta.value.lookAgainAfter === undefined)
const hasGauge = computed(() => isRead.value && Object.values(gauge.value).some((of) => of !== undefined))
const isRaised = computed(() => isRead.value && isolated.value.length > 0)
const begin = () =>
  emit('begin', {
    ...which.value,
    design: design.value!,
    medium: medium.value,
    ...scope.value,
    ...(hasGauge.value ? { gauge: gauge.value } : {}),
    ...(isRaised.value ? { isolated: [...isolated.value] } : {}),
  })
const stepWords = { raise: 'raise to', 'top up': 'top up at', lower: 'lower to', hold: 'hold at' } as const
</script>

<template>
  <section class="space-y-3" aria-label="Start a test">
    <BeforeTest :scope="scope" />
    <div class="flex flex-wrap items-end gap-3">
      <Choice
        label="Test"
        class="w-64"
        :items="items"
        :model-value="chosen"
        @update:model-value="(v) => (chosen = v)"
      />
      <TestPressureField
        label="Design pressure"
        class="w-40"
        :least="0.1"
        :most="100"
        :model-value="design"
        @update:model-value="(value) => (design = value)"
      />
      <PushButton
        color="primary"
        variant="solid"
        class="min-h-12 text-lg"
        :disabled="wants !== ''"
        label="Start test"
        @click="begin"
      />
      <WhyNot :wants="wants" />
    </div>
    <PartsToTest
      v-if="parts.length > 1"
      :parts="parts"
      :chosen="tested"
      :scope="scope"
      :name-of="nameOf"
      :shut-of="shutOf"
      @toggle="toggle"
    />
    <ul v-if="before.refusals.length || before.notes.length" class="space-y-1" data-before-raising>
      <li v-for="message in before.refusals" :key="message.message" class="flex items-start gap-2">
        <VerdictMark verdict="refuse" :word="false" /><SpokenText :text="tell(message)" />
      </li>
      <li v-for="message in before.notes" :key="message.message" class="flex items-start gap-2">
        <VerdictMark verdict="caution" :word="false" /><SpokenText :text="tell(message)" />
      </li>
    </ul>
    <IsolationList v-if="isRead" v-model="isolated" :asked="toAsk" />
    <GaugeFields v-if="isRead" v-model="gauge" />
    <p>{{ meta.statement }}</p>
    <ol v-if="design !== undefined" class="list-decimal pl-6">
      <li v-for="(step, index) in meta.steps" :key="index">
        {{ stepWords[step.does] }} {{ say.testPressure(stepPressure(step, design))
        }}<template v-if="step.seconds"> for {{ step.seconds / 60 }} minutes</template>
      </li>
    </ol>
    <LazyOwnTestForm v-if="which.own" :test="which.own" @change="change" @remove="removeOwn" />
    <PushButton v-else variant="ghost" icon="i-lucide-copy" label="Copy to a test of my own" @click="copy" />
    <p class="text-sm text-muted">
      Look at every joint at a low pressure first. Water before air, air never on plastic unless its maker allows it;
      nobody in front of an end under test; appliances shut off. Local code and a licensed person come first.
    </p>
  </section>
</template>
