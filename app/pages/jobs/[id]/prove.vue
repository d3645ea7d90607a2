<script setup lang="ts">
import { testProfileOf, type TestProfileId } from '~~/core/prove/profiles'
import { useLogStore } from '~/stores/log'

/** The test under pressure: the gauge’s trace, two verdicts, what moved it, and what comes next. */
const log = useLogStore()
const { say } = useWords()
const isNamed = computed(() => log.who.trim() !== '')
const tests = computed(() =>
  Object.entries(log.state?.tests ?? {})
    .filter(([, { begun }]) => begun)
    .sort(([, a], [, b]) => (a.begun!.at < b.begun!.at ? 1 : -1)),
)
const chosen = ref('')
const test = computed(() => tests.value.find(([id]) => id === chosen.value) ?? tests.value[0])
const state = computed(() => test.value?.[1])
const isRunning = computed(() => state.value !== undefined && state.value.ended === null)
const proof = useProof(() => state.value)
const last = computed(() => state.value?.readings.at(-1))
const body = computed(() => state.value?.begun?.body as { profile: TestProfileId; design: number } | undefined)
const profile = computed(() => (body.value ? testProfileOf(body.value.profile).meta : null))
const asked = computed(() => (profile.value && body.value ? profile.value.steps[0]!.bar(body.value.design) : null))
const since = computed(() => Date.parse(state.value?.begun?.at ?? ''))
const subject = computed(() => ({ test: test.value?.[0] ?? '' }))

function begin(of: { profile: TestProfileId; design: number; medium: 'water' | 'air' }): void {
  chosen.value = `test-${crypto.randomUUID()}`
  log.write({ kind: 'test-begun', subject: { test: chosen.value }, body: of }, 'a test under pressure, begun')
}
const save = (reading: { seconds: number; bar: number; celsius?: number }) =>
  log.write({ kind: 'reading', subject: subject.value, body: reading }, 'a reading of the gauge')
function end(): void {
  if (!proof.value) return
  const { verdict, profile: by } = proof.value
  log.write({ kind: 'test-ended', subject: subject.value, body: { verdict, passes: by.passes } }, 'a test, ended')
}
const when = (at: string) => new Date(at).toLocaleString([], { dateStyle: 'short', timeStyle: 'short' })
const nameOf = (id: string) => testProfileOf(id as TestProfileId).meta.name
</script>

<template>
  <div class="space-y-5">
    <UFormField v-if="!isNamed || tests.length === 0" label="Who works here" class="w-48">
      <UInput v-model="log.who" aria-label="Who works here" maxlength="80" class="w-full" />
    </UFormField>
    <div v-if="state" class="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,26rem)]">
      <section class="space-y-4" aria-label="The test">
        <div class="flex flex-wrap items-start gap-6">
          <Readout
            label="The gauge now"
            :value="last ? say.testPressure(last.bar) : 'no reading yet'"
            :basis="`${profile?.name ?? ''}, begun ${when(state.begun!.at)}`"
          />
          <Readout v-if="asked !== null" label="Asked for" :value="say.testPressure(asked)" />
        </div>
        <ReadingPad v-if="isRunning" :since="since" :disabled="!isNamed" @save="save" />
        <LazyProofTrace v-if="state.readings.length > 1" :readings="state.readings" :asked="asked" />
        <p v-else-if="isRunning">
          Type what the gauge shows and save it; again every minute. A thermometer strapped to the pipe decides it
          sooner.
        </p>
      </section>
      <section class="space-y-4" aria-label="Verdicts">
        <ProofVerdict v-if="proof" :proof="proof" />
        <UButton
          v-if="isRunning"
          :disabled="!isNamed || !proof || state.readings.length < 3"
          label="End the test, keep the verdicts"
          @click="end"
        />
        <p v-if="state.ended" class="font-semibold">
          Ended by {{ state.ended.by }}, {{ when(state.ended.at) }}: {{ state.ended.body.verdict }}.
        </p>
      </section>
    </div>
    <BeginTest v-if="!isRunning" :disabled="!isNamed" @begin="begin" />
    <section v-if="tests.length > 1" aria-label="Tests">
      <h2 class="heading">Tests</h2>
      <ul class="ruled">
        <li v-for="[id, run] in tests" :key="id">
          <UButton variant="ghost" class="w-full justify-start" :aria-pressed="id === test?.[0]" @click="chosen = id">
            {{ when(run.begun!.at) }}, {{ nameOf(String(run.begun!.body.profile)) }}:
            {{ run.ended ? run.ended.body.verdict : 'running' }}
          </UButton>
        </li>
      </ul>
    </section>
  </div>
</template>
