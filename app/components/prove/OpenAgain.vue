<script setup lang="ts">
import { stillShut } from '~~/core/log/still-shut'
import { useLogStore } from '~/stores/log'

/** What was shut off, plugged or taken off for a test, until it is opened again. */
const log = useLogStore()
const isNamed = computed(() => log.who.trim() !== '')
const shut = computed(() => (log.state ? stillShut(log.state) : []))
const open = ({ test, what }: (typeof shut.value)[number]) =>
  log.write({ kind: 'opened-again', subject: { test }, body: { what } }, `opened again: ${what}`)
</script>

<template>
  <section v-if="shut.length" aria-label="Open again" class="border-l-4 border-(--ui-warning) pl-3" data-still-shut>
    <h2 class="heading">Open again</h2>
    <ul class="ruled max-w-3xl">
      <li v-for="each in shut" :key="each.what" class="flex flex-wrap items-center gap-x-4 py-1">
        <span class="min-w-0 flex-1 basis-40 first-letter:uppercase">{{ each.what }}</span>
        <PushButton
          class="min-h-12"
          :disabled="!isNamed"
          :aria-label="`Opened again: ${each.what}`"
          label="Opened again"
          @click="open(each)"
        />
      </li>
    </ul>
    <WhyNot :wants="isNamed ? '' : 'Type your name first.'" />
  </section>
</template>
