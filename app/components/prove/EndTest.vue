<script setup lang="ts">
import type { BodyOf } from '~~/core/log/known-entry'
import type { Signature } from '~~/core/log/signature'
import { isLookedTwice, readingFaults, type TestFault } from '~~/core/log/proven'
import type { TestState } from '~~/core/log/site-state'
import type { ProofAnswer } from '~~/core/prove/prove'

/** Ends a test, with what it lacks said first; one that was started by mistake is discarded. */
const props = defineProps<{
  test: TestState
  proof: ProofAnswer | null
  /** The joints that are looked at; null where a gauge is read. */
  looked: readonly string[] | null
  /** Up to which second the readings were worked out: it is ended by what all of them say. */
  until: number
  disabled: boolean
}>()
const emit = defineEmits<{
  end: [body: BodyOf<'test-ended'>]
  discard: []
}>()
const why = ref('')
const witness = ref('')
/** Drawn when it is first opened: before, the field has no width. */
const isSigning = ref(false)
const signature = shallowRef<Signature | undefined>()
const words: Readonly<Partial<Record<TestFault, string>>> = {
  'too few': 'fewer than five readings, or less than three minutes of them',
  'too early': 'not run for its full time',
  'ahead of time': 'readings dated later than they were taken',
  simulated: 'readings are simulated',
}
const faults = computed(() => {
  if (props.looked)
    return isLookedTwice(props.test, props.looked) ? [] : ['not every joint was dry twice, with the minutes between']
  return readingFaults(props.test).flatMap((fault) => words[fault] ?? [])
})
const isWet = computed(() => props.test.looks.some(({ wet }) => wet.length > 0))
/** Tight by its readings and failing by the standard, or weeping by less than matters: it counts where somebody says why. */
const asksWhy = computed(() => {
  const { verdict, profile } = props.proof ?? {}
  return verdict === 'weep' || (verdict === 'tight' && profile?.passes === false)
})
/** The reason, the witness and the signature, as far as they are given. */
const signed = computed(() => ({
  ...(why.value.trim() ? { why: why.value.trim() } : {}),
  ...(witness.value.trim() ? { witness: witness.value.trim() } : {}),
  ...(signature.value ? { signature: signature.value } : {}),
}))
function end(): void {
  if (props.looked) {
    const isDry = isLookedTwice(props.test, props.looked)
    return emit('end', { verdict: isWet.value ? 'leak' : isDry ? 'tight' : 'undecided', passes: null, ...signed.value })
  }
  wanted.value = props.test.readings.at(-1)?.seconds ?? 0
}
/** It was pressed: it ends when what had been read by then is worked out. */
const wanted = ref<number | null>(null)
watch([wanted, () => props.until], ([last, until]) => {
  if (last === null || until < last || !props.proof) return
  wanted.value = null
  const { verdict, profile } = props.proof
  emit('end', { verdict, passes: profile.passes, ...signed.value })
})
const canEnd = computed(() => !props.disabled && (props.looked !== null || props.proof !== null))
</script>

<template>
  <section class="space-y-2" aria-label="End the test">
    <ul v-if="faults.length" class="border-l-4 border-(--ui-warning) pl-3" data-test-faults>
      <li v-for="fault in faults" :key="fault">{{ fault }}</li>
      <li>Ended now it proves nothing, and the record says so joint by joint.</li>
    </ul>
    <TextField
      v-if="asksWhy"
      v-model="why"
      :label="
        proof?.verdict === 'weep' ? 'Why it passes although it weeps' : 'Why it passes although the standard fails it'
      "
      :maxlength="500"
    />
    <TextField v-model="witness" label="Witness, if there is one" class="w-64" :maxlength="80" />
    <details @toggle="isSigning = true">
      <summary class="min-h-11 cursor-pointer py-2">Sign for it<template v-if="signature">: signed</template></summary>
      <SignatureField v-if="isSigning" v-model="signature" :label="`Signature${witness ? ` of ${witness}` : ''}`" />
    </details>
    <div class="flex flex-wrap gap-2">
      <PushButton
        color="primary"
        :variant="faults.length ? 'outline' : 'solid'"
        :disabled="!canEnd"
        :loading="wanted !== null"
        :label="faults.length ? 'End test anyway' : 'End test'"
        @click="end"
      />
      <PushButton variant="ghost" :disabled="disabled" label="Discard test" @click="emit('discard')" />
      <WhyNot :wants="disabled ? 'Type your name first.' : canEnd ? '' : 'Too few readings to say anything yet.'" />
    </div>
  </section>
</template>
