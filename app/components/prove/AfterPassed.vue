<script setup lang="ts">
import { useLogStore } from '~/stores/log'

/** After it passed: flushed outlet by outlet, the far end first; measured, disinfected, heating, as it is asked for. */
const { profile, rows, isHeating } = useCommissioning()
const { say } = useWords()
const log = useLogStore()
const isNamed = computed(() => log.who.trim() !== '')
const minutes = (of: number) => (of < 1 ? 'under 1 min' : `${Math.ceil(of)} min`)
/** As it was run off, to the hundredth: what is reckoned is no surer. */
const rounded = (of: number) => Math.max(0.01, Math.round(of * 100) / 100)
function flush({ id, name, litres, minutes: takes }: (typeof rows.value)[number]): void {
  const figures = litres === null || takes === null ? {} : { litres: rounded(litres), minutes: rounded(takes) }
  log.write({ kind: 'flushed', subject: {}, body: { at: id, where: name, ...figures } }, `flushed: ${name}`)
}
</script>

<template>
  <section class="space-y-3" aria-label="After it passed">
    <h2 class="heading">After it passed</h2>
    <p v-if="rows.length">
      Flush the far end first, aerators off: {{ profile.flushTimes }} times what stands before each outlet. Existing
      pipe that was not measured comes on top.
    </p>
    <p v-else>No outlet is drawn: flush at the open end, until it runs clear.</p>
    <ol v-if="rows.length" class="ruled max-w-3xl border-y border-(--ui-border)" aria-label="Outlets to flush">
      <li v-for="row in rows" :key="row.id" class="flex flex-wrap items-center gap-x-4 py-1">
        <span class="min-w-0 flex-1 basis-40">
          <span class="block first-letter:uppercase">{{ row.name }}</span>
          <span class="block text-sm text-muted">
            <template v-if="row.litres !== null && row.minutes !== null">
              {{ say.volume(row.litres) }}, {{ minutes(row.minutes) }} at {{ say.flow(row.flow)
              }}{{ row.isMeasured ? '' : ', typical' }}
            </template>
            <template v-else>what stands before it is unknown: until it runs clear and cold</template>
          </span>
        </span>
        <span v-if="row.isDone" class="flex items-center gap-1 font-semibold text-(--ui-success)">
          <UIcon name="i-lucide-circle-check" class="size-5" />flushed
        </span>
        <PushButton
          v-else
          class="min-h-12"
          :disabled="!isNamed"
          :aria-label="`Flushed: ${row.name}`"
          label="Flushed"
          @click="flush(row)"
        />
      </li>
    </ol>
    <div class="flex flex-wrap items-center gap-3">
      <PushButton
        :disabled="!isNamed"
        label="All flushed"
        @click="log.write({ kind: 'flushed', subject: {}, body: {} }, 'flushed')"
      />
      <WhyNot :wants="isNamed ? '' : 'Type your name first.'" />
    </div>
    <OutletForm v-if="rows.length" />
    <DisinfectForm v-if="rows.length" />
    <HeatingForm v-if="isHeating" />
  </section>
</template>
