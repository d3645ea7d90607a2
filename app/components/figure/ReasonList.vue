<script setup lang="ts">
import type { Reason } from '~~/core/join/verdict'

/** Why a verdict is what it is: every reason with what it rests on. */
defineProps<{ reasons: readonly Reason[] }>()
const { tell } = useWords()
</script>

<template>
  <ul class="space-y-1.5 text-sm">
    <li v-for="reason in reasons" :key="`${reason.rule} ${tell(reason)}`" class="flex gap-2">
      <VerdictMark :verdict="reason.verdict" :word="false" class="self-start pt-0.5" />
      <span>
        <SpokenText :text="tell(reason)" />
        <span class="text-muted">{{ ` (${reason.basis})` }}</span>
      </span>
    </li>
  </ul>
</template>
