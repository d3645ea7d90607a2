<script setup lang="ts">
import type { BodyOf } from '~~/core/log/known-entry'
import type { TestReading, TestState } from '~~/core/log/site-state'
import { stepPressure } from '~~/core/prove/profile'
import { testProfileOf } from '~~/core/prove/profiles'
import type { Reading } from '~~/core/prove/readings'
import { underTest } from '~~/core/prove/scope'
import { formatClock } from '~~/core/quantity/words/format-duration'
import { verdictWords } from '~~/core/prove/verdict'
import { endedLine } from '~~/core/record/lines'
import { proofRequest } from '~~/core/record/proof-request'
import { useLogStore } from '~/stores/log'

/** The pressure test: the gauge’s trace, two verdicts, what moved it, and what comes next. */
const { built: job, plan } = useOpenJob()
const log = useLogStore()
const { say } = useWords()
const isNamed = computed(() => log.who.trim() !== '')
/** Asked for as long as the page is open: a field does not go away under the hand. */
const wasNamed = isNamed.value
const tests = computed(() =>
  Object.entries(log.state?.tests ?? {})
    .filter(([, { begun }]) => begun)
    .sort(([, a], [, b]) => (a.begun!.at < b.begun!.at ? 1 : -1)),
)
const chosen = ref('')
const test = computed(() => tests.value.find(([id]) => id === chosen.value) ?? tests.value[0])
const state = computed(() => test.value?.[1])
const isRunning = computed(() => state.value !== undefined && state.value.ended === null)
/** What the readings said last; a test is ended, and its leak sought, by what the newest of them say. */
const soFar = useProof(
  () => test.value?.[0],
  () => state.value,
)
const proof = computed(() => soFar.value?.answer ?? null)
const search = useLeakSearch(
  () => state.value,
  () => proof.value,
)
const last = computed(() => state.value?.readings.at(-1))
const body = computed(() => state.value?.begun?.body)
const profile = computed(() => (body.value ? testProfileOf(body.value).meta : null))
const asked = computed(() =>
  profile.value && body.value ? stepPressure(profile.value.steps[0]!, body.value.design) : null,
)
const request = computed(() => (state.value ? proofRequest(job.value, state.value) : null))
const since = computed(() => Date.parse(state.value?.begun?.body.raisedAt ?? state.value?.begun?.at ?? ''))
const subject = computed(() => ({ test: test.value?.[0] ?? '' }))

/** The joints under test that are made, by the entries that say so: what the test proves, it proves of these. */
function begin(of: BodyOf<'test-begun'>): void {
  chosen.value = `test-${crypto.randomUUID()}`
  const made = Object.values(log.state?.joints ?? {}).flatMap((joint) => joint.made?.entry ?? [])
  log.write({ kind: 'test-begun', subject: { test: chosen.value }, body: { ...of, made } }, 'a pressure test, started')
}
const isAir = computed(() => body.value?.medium === 'air')
const save = (reading: Reading, from: TestReading['from'] = 'hand') =>
  log.write({ kind: 'reading', subject: subject.value, body: { ...reading, from } }, 'a reading of the gauge')
/** Where the gauge's own clock began, in seconds of the test. */
let gaugeBegan = 0
function hear(reading: Reading): void {
  if (reading.seconds === 0) gaugeBegan = last.value ? last.value.seconds + 1 : 0
  save({ ...reading, seconds: gaugeBegan + reading.seconds }, 'simulated')
}
/** A file brings readings of a time that is over: then it was raised so long ago, and the record says where they come from. */
function takeAll(readings: readonly Reading[]): void {
  const [begun, end] = [state.value?.begun, readings.at(-1)]
  if (!begun || !end) return
  const raised = Date.now() - end.seconds * 1000
  if (raised < since.value)
    log.write(
      {
        kind: 'correction',
        subject: {},
        replaces: begun.id,
        why: 'readings from a file',
        body: { body: { ...begun.body, raisedAt: new Date(raised).toISOString() } },
      },
      'start of pressure, from a file',
    )
  log.writeAll(
    readings.map((reading) => ({ kind: 'reading', subject: subject.value, body: { ...reading, from: 'file' } })),
    'readings of a file',
  )
}
const touch = (of: BodyOf<'touched'>) =>
  log.write({ kind: 'touched', subject: subject.value, body: { ...of } }, 'the pressure, touched')
/** The reading of that second no longer counts. */
function misread(seconds: number): void {
  const reading = log.entries.findLast(
    ({ kind, subject: of, body: read }) =>
      kind === 'reading' && of.test === subject.value.test && read.seconds === seconds,
  )
  if (reading) log.strikeOut(reading.id, 'misread', 'a reading, struck out')
}
const now = () => Math.max(last.value?.seconds ?? 0, Math.round((Date.now() - since.value) / 1000))
const pump = (stroke: { litres: number; from: number; to: number }) =>
  log.write({ kind: 'pumped', subject: subject.value, body: stroke }, 'a stroke of the pump')
const checked = (result: BodyOf<'leak-check'>) =>
  log.write({ kind: 'leak-check', subject: subject.value, body: { ...result } }, 'a check for the leak')
function takeBack(): void {
  const last = state.value?.checks.at(-1)
  if (last) log.strikeOut(last.id, 'not so', 'an answer of the search, taken back')
}
const end = (of: BodyOf<'test-ended'>) =>
  log.write({ kind: 'test-ended', subject: subject.value, body: { ...of } }, 'a test, ended')
const discard = () => {
  const { begun } = state.value ?? {}
  if (begun) log.strikeOut(begun.id, 'started by mistake', 'a test, discarded')
}
/** By looking alone: the joints under test. */
const looked = computed(() => {
  if (profile.value?.lookAgainAfter === undefined) return null
  return plan.value.joints.filter(underTest(job.value, body.value ?? {}).joint).map(({ id }) => id)
})
const look = (of: { dry: string[]; wet: string[] }) =>
  log.write({ kind: 'test-look', subject: subject.value, body: of }, 'a look at the joints')
useAwake(() => isRunning.value)
const when = useWhen()
const nameOf = ({ begun }: TestState) => testProfileOf(begun!.body).meta.name
</script>

<template>
  <div class="space-y-5">
    <div
      v-if="state"
      class="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)] lg:grid-rows-[auto_1fr]"
    >
      <section class="space-y-4" aria-label="The test">
        <div class="flex flex-wrap items-start gap-6">
          <Readout
            v-if="looked"
            label="Inspected"
            :value="`${state.looks.length} of 2`"
            :basis="`${profile?.name ?? ''}, started ${when(state.begun!.at)}`"
          />
          <Readout
            v-else
            label="The gauge now"
            :value="last ? say.testPressure(last.bar) : 'no reading yet'"
            :basis="`${profile?.name ?? ''}, started ${when(state.begun!.at)}`"
          />
          <Readout v-if="asked !== null && !looked" label="Target" :value="say.testPressure(asked)" />
        </div>
        <WhoField v-if="!wasNamed" class="w-48" />
        <LookPanel
          v-if="isRunning && looked && profile"
          :looks="state.looks"
          :joints="looked"
          :pause="profile.lookAgainAfter ?? 0"
          :disabled="!isNamed"
          @look="look"
        />
        <ReadingPad
          v-else-if="isRunning"
          :since="since"
          :last="last?.seconds ?? null"
          :disabled="!isNamed"
          @save="save"
        />
        <TestSteps
          v-if="isRunning && !looked && profile && body"
          :steps="profile.steps"
          :design="body.design"
          :since="since"
          :read="last?.seconds ?? 0"
        />
      </section>
      <section class="space-y-4 lg:col-start-2 lg:row-span-2 lg:row-start-1" aria-label="Verdicts">
        <template v-if="soFar && !looked">
          <p v-if="soFar.isBehind" role="status" class="text-(--ui-warning)" data-behind>
            By the readings up to {{ formatClock(soFar.until) }}; the newer ones are being worked out.
          </p>
          <ProofVerdict :proof="soFar.answer" />
        </template>
        <AskedReadings
          v-if="proof?.next.asks && isRunning && !looked"
          :asks="proof.next.asks"
          :disabled="!isNamed"
          @touched="touch"
          @misread="misread"
        />
        <EndTest
          v-if="isRunning"
          :test="state"
          :proof="proof"
          :looked="looked"
          :until="soFar?.until ?? 0"
          :disabled="!isNamed"
          @end="end"
          @discard="discard"
        />
        <p v-if="state.ended" class="font-semibold">
          Ended by {{ state.ended.by }}, {{ when(state.ended.at) }}: {{ endedLine(state.ended) }}
        </p>
        <LeakSearchView
          v-if="search"
          :search="search"
          :has-checks="state.checks.length > 0"
          :disabled="!isNamed"
          @check="checked"
          @back="takeBack"
        />
      </section>
      <section v-if="!looked" class="space-y-4" aria-label="Trace and readings">
        <LazyProofTrace
          v-if="state.readings.length > 1"
          :readings="state.readings"
          :asked="asked"
          :expected="proof?.expected ?? []"
        />
        <p v-else-if="isRunning">
          Type what the gauge shows and save it, every minute. A thermometer strapped to the pipe decides it sooner.
        </p>
        <template v-if="isRunning">
          <PumpStroke v-if="!isAir" :pumped="state.pumped" :disabled="!isNamed" @save="pump" />
          <TouchedPanel :noted="state.touches" :disabled="!isNamed" :now="now" @touched="touch" />
          <LazyGaugePanel
            v-if="request && asked !== null"
            :asked="request"
            :bar="asked"
            :disabled="!isNamed"
            @reading="hear"
          />
        </template>
        <ReadingsFile
          :readings="state.readings"
          :name="job.title"
          :running="isRunning"
          :disabled="!isNamed"
          @take="takeAll"
        />
      </section>
      <section v-if="body?.legs" aria-label="Under test" class="lg:col-start-1">
        <h2 class="heading">Under test</h2>
        <LazyTestDrawing :scope="body" tested-only />
      </section>
    </div>
    <WhoField v-if="!state" class="w-48" />
    <OpenAgain />
    <BeginTest v-if="!isRunning" :disabled="!isNamed" @begin="begin" />
    <WaterPanel />
    <AfterPassed />
    <section v-if="tests.length > 1" aria-label="Tests">
      <h2 class="heading">Tests</h2>
      <ul class="ruled">
        <li v-for="[id, run] in tests" :key="id">
          <PushButton
            variant="ghost"
            class="w-full justify-start"
            :aria-pressed="id === test?.[0]"
            @click="chosen = id"
          >
            {{ when(run.begun!.at) }}, {{ nameOf(run) }}:
            {{ run.ended ? verdictWords[run.ended.body.verdict] : 'running' }}
          </PushButton>
        </li>
      </ul>
    </section>
  </div>
</template>
